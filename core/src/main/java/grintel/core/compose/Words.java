package grintel.core.compose;

import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Span;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.build.ParagraphBuilder;

/** Puts words into paragraphs, with their emphasis and their notes. */
final class Words {
    private static final PropertySet NOTHING = PropertySet.empty();

    private Words() {}

    /** Adds the words of a line without notes. */
    static void add(ParagraphBuilder paragraph, Line line) {
        for (Span span : line.spans()) {
            paragraph.text(span.words(), look(span));
        }
    }

    /** Adds the words of a line and calls its notes. */
    static void add(ParagraphBuilder paragraph, Line line, Story.Kind notes) {
        for (Span span : line.spans()) {
            paragraph.text(span.words(), look(span));
            Line note = span.note();
            if (note != null) {
                paragraph
                        .runStyle(RoleStyles.NOTE_SIGN)
                        .note(
                                notes,
                                NOTHING,
                                blocks -> blocks.paragraph(each -> {
                                    each.style(Role.NOTE.id())
                                            .runStyle(RoleStyles.NOTE_SIGN)
                                            .noteSign(NOTHING)
                                            .runStyle(null)
                                            .text(" ");
                                    add(each, note);
                                }))
                        .runStyle(null);
            }
        }
    }

    private static PropertySet look(Span span) {
        PropertySet look = span.italic() ? PropertySet.of(CharacterProperties.ITALIC, true) : NOTHING;
        return span.bold() ? look.with(CharacterProperties.BOLD, true) : look;
    }
}
