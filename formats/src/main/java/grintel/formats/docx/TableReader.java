package grintel.formats.docx;

import grintel.core.paper.Block;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Table;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableLayers;
import grintel.core.paper.TableResolver;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** Reads a table row by row. */
final class TableReader {
    private final ReadingState state;
    private final BiFunction<XmlElement, TableLayers, List<Block>> content;

    /** @param content reads the blocks of a cell, of whose text the table says something */
    TableReader(ReadingState state, BiFunction<XmlElement, TableLayers, List<Block>> content) {
        this.state = state;
        this.content = content;
    }

    Table read(XmlElement element, TableAddress address) {
        XmlElement properties = element.child("tblPr");
        XmlElement named = properties == null ? null : properties.child("tblStyle");
        PropertySet direct = TablePropertyReader.table(properties);
        List<XmlElement> rows = Structure.rows(element);
        TableResolver looks = state.resolver.table(named == null ? null : named.attribute("val"), direct, rows.size());
        List<Table.Row> read = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            read.add(row(rows.get(i), i, looks));
        }
        return new Table(address, looks.style(), direct, looks.format(), columns(element.child("tblGrid")), read);
    }

    private static List<Integer> columns(@Nullable XmlElement grid) {
        List<Integer> columns = new ArrayList<>();
        if (grid != null) {
            for (XmlElement column : grid.children("gridCol")) {
                Integer width = Values.twips(column.attribute("w"));
                columns.add(width == null ? 0 : Math.max(0, width));
            }
        }
        return columns;
    }

    private Table.Row row(XmlElement element, int number, TableResolver looks) {
        PropertySet direct = TablePropertyReader.row(element.child("trPr"));
        List<Table.Cell> cells = new ArrayList<>();
        List<XmlElement> elements = Structure.cells(element);
        for (int i = 0; i < elements.size(); i++) {
            PropertySet own = TablePropertyReader.cell(elements.get(i).child("tcPr"));
            TableResolver.CellLook look = looks.cell(number, i, elements.size(), own);
            cells.add(new Table.Cell(own, look.format(), content.apply(elements.get(i), look.text())));
        }
        return new Table.Row(direct, looks.row(direct), cells);
    }
}
