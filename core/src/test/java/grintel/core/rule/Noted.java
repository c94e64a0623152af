package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.specimen.Specimen;
import java.util.function.Consumer;

/** Papers with notes, for rules of notes. */
final class Noted {
    private Noted() {}

    /** The form of a note in the notes guides. */
    static Consumer<ParagraphBuilder> form() {
        return line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                .set(ParagraphProperties.SPACE_AFTER, 200);
    }

    /** A paragraph with a note after its first sentence. */
    static Draft with(Draft draft, Story.Kind kind, Consumer<ParagraphBuilder> form, PropertySet type) {
        return draft.text(text -> text.text("The keepers count by night.")
                .note(
                        kind,
                        Specimen.RAISED,
                        note -> note.paragraph(line -> {
                            form.accept(line);
                            line.noteSign(Specimen.RAISED)
                                    .text(
                                            " Keel says that the keepers of the north count by night and by day, and that they"
                                                    + " have always done so, as anyone will tell you who has been there at all.",
                                            type);
                        }))
                .text(" " + Draft.PROSE));
    }

    /** A notes paper with two notes. */
    static Draft two(Consumer<ParagraphBuilder> form, PropertySet type) {
        Draft draft = Draft.mla().guide("chicago-notes");
        return with(with(draft, Story.Kind.FOOTNOTE, form, type), Story.Kind.FOOTNOTE, form, type);
    }
}
