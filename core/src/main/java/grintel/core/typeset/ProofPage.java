package grintel.core.typeset;

import grintel.core.paper.Marginals;
import java.util.List;

/**
 * A page of a proof. Millipoints.
 *
 * @param number sheets counted from 1
 * @param printedNumber the number its fields show
 * @param section index of the section whose sheet it is
 * @param variant which of the section's headers it has
 * @param frame edges of the text area
 * @param headerDistance from the sheet's upper edge to the header
 * @param lines header, text, boxes, notes, footer
 * @param fills lines and grounds of tables, the line above the notes
 * @param tables what of the text's tables stands on the page
 */
public record ProofPage(
        int number,
        String printedNumber,
        int section,
        Marginals.Variant variant,
        int width,
        int height,
        Frame frame,
        int headerDistance,
        List<ProofLine> lines,
        List<PlacedPicture> pictures,
        List<Fill> fills,
        List<PlacedTable> tables) {
    public ProofPage {
        lines = List.copyOf(lines);
        pictures = List.copyOf(pictures);
        fills = List.copyOf(fills);
        tables = List.copyOf(tables);
    }

    /** The lines of one part of the page, in order. */
    public List<ProofLine> lines(PagePart part) {
        return lines.stream().filter(line -> line.part() == part).toList();
    }

    /** The text area: what the margins, or a header higher than its margin, leave. */
    public record Frame(int left, int top, int right, int bottom) {
        public int width() {
            return right - left;
        }
    }
}
