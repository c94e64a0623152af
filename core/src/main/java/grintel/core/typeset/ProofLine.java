package grintel.core.typeset;

import grintel.core.paper.ParagraphAddress;
import java.util.List;

/**
 * A line on a page. Millipoints from the sheet's top left corner.
 *
 * @param lineInParagraph counted from 0
 * @param x pen position of the first visible character
 * @param y the baseline
 * @param width without trailing spaces
 * @param top upper edge of the line, its lower edge being the next line's upper one
 * @param columnLeft left edge of the column or cell the line is set in
 * @param columnRight right edge of the same
 * @param repeated whether it belongs to a table's head standing again on a further page
 */
public record ProofLine(
        PagePart part,
        ParagraphAddress paragraph,
        int lineInParagraph,
        int x,
        int y,
        int width,
        int top,
        int height,
        String text,
        List<GlyphRun> runs,
        int columnLeft,
        int columnRight,
        boolean repeated) {
    /** Right edge of the last visible character. */
    public int right() {
        return x + width;
    }

    /** Whether nothing can be seen on it. */
    public boolean isEmpty() {
        return text.isBlank();
    }

    ProofLine movedDown(int dy) {
        return new ProofLine(
                part,
                paragraph,
                lineInParagraph,
                x,
                y + dy,
                width,
                top + dy,
                height,
                text,
                runs,
                columnLeft,
                columnRight,
                repeated);
    }
}
