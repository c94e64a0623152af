package grintel.formats.docx;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewImage;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.NewTable;
import grintel.core.edit.Piece;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.RowProperties;
import grintel.core.paper.TableProperties;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Writes paragraphs and tables that edits bring; their pictures only into the text itself. */
final class NewBlockWriter {
    private final PropertyWriter properties;
    private final DocxTree tree;

    NewBlockWriter(PropertyWriter properties, DocxTree tree) {
        this.properties = properties;
        this.tree = tree;
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
            @Nullable XmlElement look = type.isEmpty() ? null : type;
            if (run.piece() instanceof Piece.Picture picture) {
                element.append(write(RunWriter.run(kin, look), picture));
            } else {
                RunWriter.of(kin, run.piece(), look).forEach(element::append);
            }
        }
        return element;
    }

    private XmlElement write(XmlElement run, Piece.Picture picture) {
        NewImage image = picture.image();
        String dots = tree.addImage(image.part(), image.dots(), image.format().mediaType());
        byte[] drawn = image.lines();
        String beside = NewImage.linesBeside(image.part());
        String lines = drawn == null || beside == null ? null : tree.addImage(beside, drawn, "image/svg+xml");
        int number = tree.nextDrawing();
        DrawingMarkup markup = tree.isStrict() ? DrawingMarkup.STRICT : DrawingMarkup.TRANSITIONAL;
        run.append(markup.drawing(
                null,
                picture.width(),
                picture.height(),
                DrawingMarkup.description(number, "Picture", picture.alternative()),
                markup.image(number, dots, lines, picture.width(), picture.height())));
        return run;
    }
}
