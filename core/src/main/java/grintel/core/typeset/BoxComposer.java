package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Frame;
import grintel.core.paper.Paragraph;
import java.util.List;

/** Sets blocks in a column of unbounded height: headers, notes, the cells of tables. */
final class BoxComposer {
    private final LineComposer lines;
    private final TableComposer tables;
    private final boolean gapsAdd;

    BoxComposer(LineComposer lines, boolean gapsAdd) {
        this.lines = lines;
        this.tables = new TableComposer(this, lines);
        this.gapsAdd = gapsAdd;
    }

    TableComposer tables() {
        return tables;
    }

    SetBox compose(List<Block> blocks, int width, FieldValues fields) {
        return composeStacked(Stacked.of(blocks), width, fields);
    }

    SetBox composeStacked(List<Stacked> blocks, int width, FieldValues fields) {
        SetBox.Builder out = new SetBox.Builder();
        int y = 0;
        Paragraph above = null;
        for (Stacked block : blocks) {
            if (block instanceof Stacked.Text text) {
                y += Millipoints.ofTwips(Gaps.between(above, text.members().get(0), gapsAdd));
                y = addFrames(text.frames(), width, y, out);
                y = addText(text, width, fields, y, out);
                above = text.paragraph();
            } else if (block instanceof Stacked.Loose loose) {
                y = addFrames(loose.frames(), width, y, out);
            } else if (block instanceof Stacked.Grid grid) {
                y += above == null ? 0 : Millipoints.ofTwips(Gaps.after(above, null));
                SetTable set = tables.compose(grid.table(), width, fields);
                for (SetTable.Row row : set.rows()) {
                    out.add(row.box(), set.left(), y);
                    y += row.box().height();
                }
                above = null;
            }
        }
        if (above != null) {
            y += Millipoints.ofTwips(Gaps.after(above, null));
        }
        return out.build(y);
    }

    /** A frame and the place it takes: as wide and as high as it says, else as what stands in it. */
    Content.Floating frame(Stacked.Framed framed, int columnWidth) {
        Frame frame = framed.frame();
        int width = Millipoints.ofTwips(frame.width());
        if (width == 0) {
            for (Paragraph paragraph : framed.paragraphs()) {
                width = Math.max(width, lines.extent(paragraph).most());
            }
            width = Math.min(Math.max(Millipoints.PER_POINT, width), columnWidth);
        }
        List<Stacked> inside = framed.stacked();
        int height = Math.max(
                Millipoints.ofTwips(frame.height()),
                composeStacked(inside, width, FieldValues.UNCOUNTED).height());
        return new Content.Floating(
                Content.Box.ofText(width, height),
                frame.anchor(),
                inside,
                true,
                framed.paragraphs().get(0).address());
    }

    private int addFrames(List<Stacked.Framed> frames, int width, int top, SetBox.Builder out) {
        int y = top;
        for (Stacked.Framed framed : frames) {
            y = addFloat(frame(framed, width), width, y, out);
        }
        return y;
    }

    private static int addFloat(Content.Floating floating, int width, int y, SetBox.Builder out) {
        out.add(new SetBox.BoxFloat(floating, 0, width, y));
        return floating.clearsText() ? y + floating.box().height() : y;
    }

    private int addText(Stacked.Text text, int width, FieldValues fields, int top, SetBox.Builder out) {
        SetParagraph set = lines.compose(text, width, fields);
        int y = top;
        for (Content.Floating floating : set.floats()) {
            y = addFloat(floating, width, y, out);
        }
        for (int i = 0; i < set.lines().size(); i++) {
            SetLine line = set.lines().get(i);
            out.add(new SetBox.BoxLine(text.paragraph(), i, line, 0, width, y));
            y += line.height();
        }
        return y;
    }
}
