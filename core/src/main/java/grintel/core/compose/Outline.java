package grintel.core.compose;

import grintel.core.compose.Content.Appendix;
import grintel.core.compose.Content.Heading;
import grintel.core.compose.Content.Line;
import grintel.core.compose.Content.Piece;
import grintel.core.compose.Content.Text;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import java.util.ArrayList;
import java.util.List;

/**
 * Which parts a paper has, without any of its words: what is left of it as a pattern for the next.
 *
 * @param levels of its headings, in order
 * @param sources whether it has a list of sources
 * @param appendices how many it has
 */
public record Outline(List<Integer> levels, boolean sources, int appendices) {
    private static final int MOST_HEADINGS = 60;
    private static final String TEXT = "[Text: write the paragraphs of this part here.]";

    public Outline {
        levels = List.copyOf(levels);
    }

    /** The outline of a paper. */
    public static Outline of(Parts parts) {
        List<Integer> levels = new ArrayList<>();
        for (int i = 0; i < parts.size() && levels.size() < MOST_HEADINGS; i++) {
            if (parts.kind(i) == PartKind.HEADING && !parts.isInAppendix(i)) {
                levels.add(Math.max(1, parts.headingLevel(i)));
            } else if (parts.runInHeading(i) != null && !parts.isInAppendix(i)) {
                levels.add(Math.max(1, parts.runInLevel(i)));
            }
        }
        return new Outline(
                levels,
                !parts.paragraphs(PartKind.ENTRY).isEmpty(),
                parts.paragraphs(PartKind.APPENDIX_LABEL).size());
    }

    /** Placeholders in each of its parts. */
    public Content content() {
        List<Piece> text = text(levels);
        if (appendices > 0) {
            text.add(Text.of("[Text: name the Appendix, or the appendices in their order, where they belong.]"));
        }
        List<Appendix> more = new ArrayList<>();
        for (int i = 0; i < appendices; i++) {
            more.add(new Appendix("[Title of the Appendix]", List.of(Text.of("[Text of the appendix]"))));
        }
        return new Content(
                List.of(BlankContent.SUMMARY),
                BlankContent.KEYWORDS,
                List.of(),
                text,
                sources ? List.of(Line.of("[Source: one paragraph to an entry]")) : List.of(),
                more);
    }

    /** A first paragraph, and one under each heading of these levels. */
    static List<Piece> text(List<Integer> levels) {
        List<Piece> out = new ArrayList<>();
        out.add(Text.of("[Text: write your first paragraph here. What you type after it keeps its form.]"));
        for (int level : levels) {
            out.add(new Heading(level, Line.of("[Heading of Level " + level + "]")));
            out.add(Text.of(TEXT));
        }
        return out;
    }
}
