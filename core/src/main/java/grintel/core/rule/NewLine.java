package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Position;
import grintel.core.edit.Target;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import java.util.List;

/** Lines that a rule puts into a paper: of an opening, or a label. */
public final class NewLine {
    private NewLine() {}

    /** A line in the middle; space in twips. */
    public static NewParagraph centred(String words, boolean bold, int spaceBefore, int spaceAfter) {
        return line(words, bold, Alignment.CENTRE, spaceBefore, spaceAfter);
    }

    /** A line at the margin. */
    public static NewParagraph left(String words) {
        return line(words, false, Alignment.LEFT, 0, 0);
    }

    private static NewParagraph line(String words, boolean bold, Alignment alignment, int spaceBefore, int spaceAfter) {
        PropertySet form = new PropertySet.Builder()
                .set(ParagraphProperties.ALIGNMENT, alignment)
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .set(ParagraphProperties.SPACE_BEFORE, spaceBefore)
                .set(ParagraphProperties.SPACE_AFTER, spaceAfter)
                .set(ParagraphProperties.INDENT_LEFT, 0)
                .set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                .build();
        PropertySet type = bold ? PropertySet.of(CharacterProperties.BOLD, true) : PropertySet.empty();
        NewParagraph plain = NewParagraph.of(null, form, words);
        return new NewParagraph(
                null,
                form,
                plain.runs().stream()
                        .map(run -> new NewParagraph.NewRun(run.piece(), type))
                        .toList());
    }

    /** Puts a line over a paragraph, which hands it the break it starts its page by. */
    public static List<Edit> over(Paragraph first, NewParagraph line) {
        Position above = Position.before(first.address());
        if (!first.format().get(ParagraphProperties.PAGE_BREAK_BEFORE)) {
            return List.of(new Edit.InsertParagraph(above, line));
        }
        return List.of(
                new Edit.SetProperty(
                        new Target.OfParagraph(first.address()), ParagraphProperties.PAGE_BREAK_BEFORE, false),
                new Edit.InsertParagraph(above, line.with(ParagraphProperties.PAGE_BREAK_BEFORE, true)));
    }
}
