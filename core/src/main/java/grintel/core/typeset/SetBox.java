package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.List;

/**
 * Blocks set in a column that no page breaks: a header, a note, a table cell. Millipoints from the box's top left.
 *
 * @param floats pictures and boxes beside the flow, whose place hangs on the page
 * @param calls notes called in it, in order
 */
record SetBox(
        List<BoxLine> lines,
        List<PlacedPicture> pictures,
        List<Fill> fills,
        List<BoxFloat> floats,
        List<Story> calls,
        int height) {
    static final SetBox EMPTY = new SetBox(List.of(), List.of(), List.of(), List.of(), List.of(), 0);

    /**
     * A line in the box.
     *
     * @param left left edge of the column the line is set in
     * @param right right edge of the same
     */
    record BoxLine(Paragraph paragraph, int number, SetLine line, int left, int right, int top) {
        /** Puts the line on a page: as one, or as many as there are paragraphs in it. */
        void on(PagePart part, int x, int y, boolean repeated, List<ProofLine> out) {
            if (line.shares().isEmpty()) {
                out.add(proofLine(
                        part, paragraph, number, line.x(), line.width(), line.text(), line.runs(), x, y, repeated));
            }
            for (SetLine.Share share : line.shares()) {
                out.add(proofLine(
                        part,
                        share.paragraph(),
                        share.number(),
                        share.x(),
                        share.width(),
                        share.text(),
                        share.runs(),
                        x,
                        y,
                        repeated));
            }
        }

        private ProofLine proofLine(
                PagePart part,
                Paragraph owner,
                int numberInOwner,
                int from,
                int width,
                String text,
                List<GlyphRun> runs,
                int x,
                int y,
                boolean repeated) {
            List<GlyphRun> moved = new ArrayList<>(runs.size());
            for (GlyphRun run : runs) {
                moved.add(run.movedBy(x + left));
            }
            return new ProofLine(
                    part,
                    owner.address(),
                    numberInOwner,
                    from + x + left,
                    top + line.baseline() + y,
                    width,
                    top + y,
                    line.height(),
                    text,
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

    /**
     * What stands beside the flow of a paragraph.
     *
     * @param left left edge of the column the paragraph is set in
     * @param right right edge of the same
     * @param top upper edge of the paragraph
     */
    record BoxFloat(Content.Floating floating, int left, int right, int top) {
        BoxFloat movedBy(int dx, int dy) {
            return new BoxFloat(floating, left + dx, right + dx, top + dy);
        }
    }

    /** Gathers what stands in a box. */
    static final class Builder {
        private final List<BoxLine> lines = new ArrayList<>();
        private final List<PlacedPicture> pictures = new ArrayList<>();
        private final List<Fill> fills = new ArrayList<>();
        private final List<BoxFloat> floats = new ArrayList<>();
        private final List<Story> calls = new ArrayList<>();

        void add(BoxLine line) {
            lines.add(line);
            for (PlacedPicture picture : line.line.pictures()) {
                pictures.add(picture.movedBy(line.left, line.top));
            }
            calls.addAll(line.line.calls());
        }

        void add(Fill fill) {
            fills.add(fill);
        }

        void add(BoxFloat floating) {
            floats.add(floating);
        }

        void add(SetBox inner, int dx, int dy) {
            inner.lines.forEach(line -> lines.add(line.movedBy(dx, dy)));
            inner.pictures.forEach(picture -> pictures.add(picture.movedBy(dx, dy)));
            inner.fills.forEach(fill -> fills.add(fill.movedBy(dx, dy)));
            inner.floats.forEach(floating -> floats.add(floating.movedBy(dx, dy)));
            calls.addAll(inner.calls);
        }

        SetBox build(int height) {
            return new SetBox(lines, pictures, fills, floats, calls, height);
        }
    }
}
