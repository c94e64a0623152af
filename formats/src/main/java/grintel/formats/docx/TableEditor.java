package grintel.formats.docx;

import grintel.core.paper.CellProperties;
import grintel.core.paper.Width;
import grintel.formats.xml.XmlElement;
import java.util.List;

/** Changes what a table is made of. */
final class TableEditor {
    private TableEditor() {}

    /** Sets the widths of the grid's columns, and of the cells that stand in them; cells beside the grid keep theirs. */
    static void setColumns(XmlElement table, List<Integer> widths) {
        XmlElement grid = table.child("tblGrid");
        if (grid == null) {
            XmlElement properties = table.child("tblPr");
            XmlElement made = XmlElement.like(table, "tblGrid");
            grid = properties == null ? table.prepend(made) : table.insertAfter(made, properties);
        }
        grid.children("gridCol").forEach(XmlElement::remove);
        XmlElement tracked = grid.child("tblGridChange");
        for (int width : widths) {
            XmlElement column = XmlElement.like(table, "gridCol");
            column.setAttribute("w", Integer.toString(width));
            if (tracked == null) {
                grid.append(column);
            } else {
                grid.insertBefore(column, tracked);
            }
        }
        for (XmlElement row : Structure.rows(table)) {
            XmlElement format = row.child("trPr");
            XmlElement before = format == null ? null : format.child("gridBefore");
            Integer skipped = before == null ? null : Values.integer(before.attribute("val"));
            int at = skipped == null ? 0 : Math.max(0, skipped);
            for (XmlElement cell : Structure.cells(row)) {
                XmlElement properties = PropertyHolder.of(cell, "tcPr");
                Integer said = TablePropertyReader.cell(properties).get(CellProperties.SPAN);
                int span = said == null ? 1 : said;
                int width = 0;
                for (int i = at; i < Math.min(at + span, widths.size()); i++) {
                    width += widths.get(i);
                }
                if (width > 0) {
                    TablePropertyWriter.writeCell(properties, CellProperties.WIDTH, Width.twips(width));
                }
                PropertyHolder.dropIfEmpty(properties);
                at += span;
            }
        }
    }
}
