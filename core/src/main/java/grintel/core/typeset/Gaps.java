package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import org.jspecify.annotations.Nullable;

/** The space between paragraphs (ISO 29500-1 §17.3.1.33 and §17.3.1.9), in twips. */
public final class Gaps {
    /** What a program leaves where the file says "auto": one line of 14 pt. */
    private static final int AUTO = 280;

    private Gaps() {}

    /**
     * The gap between two neighbours: the larger of space after and space before, or their sum.
     *
     * @param above the paragraph before, null at the start of a story or after a table
     */
    public static int between(@Nullable Paragraph above, Paragraph below, boolean add) {
        int before = before(above, below);
        if (above == null) {
            return before;
        }
        int after = after(above, below);
        return add ? after + before : Math.max(after, before);
    }

    /** The paragraph's space before, same-style suppression worked out. */
    public static int before(@Nullable Paragraph above, Paragraph paragraph) {
        return suppressed(paragraph, above)
                ? 0
                : space(paragraph, ParagraphProperties.SPACE_BEFORE, ParagraphProperties.SPACE_BEFORE_AUTO);
    }

    /** The paragraph's space after, same-style suppression worked out. */
    public static int after(Paragraph paragraph, @Nullable Paragraph below) {
        return suppressed(paragraph, below)
                ? 0
                : space(paragraph, ParagraphProperties.SPACE_AFTER, ParagraphProperties.SPACE_AFTER_AUTO);
    }

    /** Suppression takes away only the side of the paragraph that asks for it. */
    private static boolean suppressed(Paragraph paragraph, @Nullable Paragraph neighbour) {
        return neighbour != null
                && paragraph.format().get(ParagraphProperties.SAME_STYLE_SUPPRESSION)
                && paragraph.styleId().equals(neighbour.styleId());
    }

    private static int space(Paragraph paragraph, Property<Integer> twips, Property<Boolean> auto) {
        return paragraph.format().get(auto)
                ? AUTO
                : Math.max(0, paragraph.format().get(twips));
    }
}
