package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Table;
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
        SetBox.Builder out = new SetBox.Builder();
        int y = 0;
        Paragraph above = null;
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                y += Millipoints.ofTwips(Gaps.between(above, paragraph, gapsAdd));
                y = addParagraph(paragraph, width, fields, y, out);
                above = paragraph;
            } else if (block instanceof Table table) {
                y += above == null ? 0 : Millipoints.ofTwips(Gaps.after(above, null));
                SetTable set = tables.compose(table, width, fields);
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

    private int addParagraph(Paragraph paragraph, int width, FieldValues fields, int top, SetBox.Builder out) {
        SetParagraph set = lines.compose(paragraph, width, fields);
        int y = top;
        for (Content.Floating floating : set.floats()) {
            out.add(new SetBox.BoxFloat(floating, 0, width, top));
            if (floating.clearsText()) {
                y += floating.box().height();
            }
        }
        for (int i = 0; i < set.lines().size(); i++) {
            SetLine line = set.lines().get(i);
            out.add(new SetBox.BoxLine(paragraph, i, line, 0, width, y));
            y += line.height();
        }
        return y;
    }
}
