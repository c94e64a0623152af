package grintel.formats.docx;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.NewTable;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.RowProperties;
import grintel.core.paper.TableProperties;
import grintel.formats.xml.XmlElement;

/** Writes paragraphs and tables that edits bring. */
final class NewBlockWriter {
    private final PropertyWriter properties;

    NewBlockWriter(PropertyWriter properties) {
        this.properties = properties;
    }

    /** @param kin an element among which it will stand */
    XmlElement write(XmlElement kin, NewBlock block) {
        return block instanceof NewParagraph paragraph ? write(kin, paragraph) : write(kin, (NewTable) block);
    }

    private XmlElement write(XmlElement kin, NewTable table) {
        XmlElement element = XmlElement.like(kin, "tbl");
        properties.writeAll(element.append(XmlElement.like(kin, "tblPr")), TableProperties.ALL, table.direct());
        XmlElement grid = element.append(XmlElement.like(kin, "tblGrid"));
        for (int width : table.columns()) {
            grid.append(XmlElement.like(kin, "gridCol")).setAttribute("w", Integer.toString(width));
        }
        for (NewTable.Row row : table.rows()) {
            XmlElement line = element.append(XmlElement.like(kin, "tr"));
            XmlElement rowFormat = line.append(XmlElement.like(kin, "trPr"));
            properties.writeAll(rowFormat, RowProperties.ALL, row.direct());
            PropertyHolder.dropIfEmpty(rowFormat);
            for (NewTable.Cell cell : row.cells()) {
                XmlElement box = line.append(XmlElement.like(kin, "tc"));
                XmlElement cellFormat = box.append(XmlElement.like(kin, "tcPr"));
                properties.writeAll(cellFormat, CellProperties.ALL, cell.direct());
                PropertyHolder.dropIfEmpty(cellFormat);
                cell.paragraphs().forEach(paragraph -> box.append(write(kin, paragraph)));
            }
        }
        return element;
    }

    /** @param kin an element among which it will stand */
    XmlElement write(XmlElement kin, NewParagraph paragraph) {
        XmlElement element = XmlElement.like(kin, "p");
        XmlElement format = element.append(XmlElement.like(kin, "pPr"));
        if (paragraph.style() != null) {
            format.append(XmlElement.like(kin, "pStyle")).setAttribute("val", paragraph.style());
        }
        properties.writeAll(format, ParagraphProperties.ALL, paragraph.direct());
        PropertyHolder.dropIfEmpty(format);
        for (NewParagraph.NewRun run : paragraph.runs()) {
            XmlElement type = XmlElement.like(kin, "rPr");
            properties.writeAll(type, CharacterProperties.ALL, run.direct());
            RunWriter.of(kin, run.piece(), type.isEmpty() ? null : type).forEach(element::append);
        }
        return element;
    }
}
