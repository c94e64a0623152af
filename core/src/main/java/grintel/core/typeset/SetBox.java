package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.List;

/**
 * Blocks set in a column that no page breaks: a header, a note, a table cell. Millipoints from the box's top left.
 *
 * @param calls notes called in it, in order
 */
record SetBox(List<BoxLine> lines, List<PlacedPicture> pictures, List<Story> calls, int height) {
    static final SetBox EMPTY = new SetBox(List.of(), List.of(), List.of(), 0);

    /**
     * A line in the box.
     *
     * @param left left edge of the column the line is set in
     * @param right right edge of the same
     */
    record BoxLine(Paragraph paragraph, int number, SetLine line, int left, int right, int top) {
        ProofLine on(PagePart part, int x, int y, boolean repeated) {
            List<GlyphRun> moved = new ArrayList<>(line.runs().size());
            for (GlyphRun run : line.runs()) {
                moved.add(run.movedBy(x + left));
            }
            return new ProofLine(
                    part,
                    paragraph.address(),
                    number,
                    line.x() + x + left,
                    top + line.baseline() + y,
                    line.width(),
                    top + y,
                    line.height(),
                    line.text(),
                    moved,
                    left + x,
                    right + x,
                    repeated);
        }

        BoxLine movedBy(int dx, int dy) {
            return new BoxLine(paragraph, number, line, left + dx, right + dx, top + dy);
        }

        int bottom() {
            return top + line.height();
        }
    }
}
