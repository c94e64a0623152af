package grintel.core.rule.tables;

import grintel.core.paper.Block;
import grintel.core.paper.Blocks;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.Table;
import grintel.core.rule.Examination;
import grintel.core.structure.PartKind;
import grintel.core.typeset.PlacedTable;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The tables of a text that hold figures or words in a grid; those that only lay out other parts are none. */
final class DataTables {
    private final Map<Paragraph, DataTable> byFirst = new LinkedHashMap<>();

    private DataTables() {}

    /**
     * A table and where it stands.
     *
     * @param first the paragraph its places are told at
     * @param pieces what of it stands on each page, in order
     */
    record DataTable(Table table, Paragraph first, List<Piece> pieces) {
        /** Its cells by row and column. */
        CellGrid grid() {
            return CellGrid.of(table);
        }

        /** Whether it is one to be ruled and aligned: of several rows and columns. */
        boolean isOfRowsAndColumns() {
            CellGrid grid = grid();
            return grid.size() > 1 && grid.columns() > 1;
        }
    }

    /** What of a table stands on a page. */
    record Piece(ProofPage page, PlacedTable placed) {}

    static DataTables of(Examination exam) {
        DataTables out = new DataTables();
        int number = 0;
        for (Section section : exam.paper().sections()) {
            for (Block block : section.blocks()) {
                if (block instanceof Table table) {
                    out.add(exam, table, number++);
                }
            }
        }
        return out;
    }

    private void add(Examination exam, Table table, int number) {
        List<Paragraph> inside = Blocks.paragraphs(List.of(table));
        if (inside.isEmpty() || exam.kind(inside.get(0)) != PartKind.GRID) {
            return;
        }
        List<Piece> pieces = new ArrayList<>();
        for (ProofPage page : exam.proof().pages()) {
            for (PlacedTable placed : page.tables()) {
                if (placed.number() == number) {
                    pieces.add(new Piece(page, placed));
                }
            }
        }
        if (!pieces.isEmpty()) {
            byFirst.put(inside.get(0), new DataTable(table, inside.get(0), pieces));
        }
    }

    /** All of several rows and columns. */
    List<DataTable> ofRowsAndColumns() {
        return byFirst.values().stream().filter(DataTable::isOfRowsAndColumns).toList();
    }

    List<Paragraph> firsts() {
        return List.copyOf(byFirst.keySet());
    }

    DataTable of(Paragraph first) {
        DataTable found = byFirst.get(first);
        if (found == null) {
            throw new IllegalArgumentException("No table begins with " + first.address());
        }
        return found;
    }
}
