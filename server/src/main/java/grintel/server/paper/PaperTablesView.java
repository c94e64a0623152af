package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.table.PaperTables;
import grintel.server.table.SheetChoice;
import java.util.List;

/** The tables of a paper, of which another table or a figure can be made. */
record PaperTablesView(List<PaperTableView> tables) {
    static PaperTablesView of(Report report) {
        return new PaperTablesView(PaperTables.of(report.examination()).stream()
                .map(found -> new PaperTableView(
                        found.label(),
                        Math.max(1, report.proof().pageOf(found.first().address())),
                        SheetChoice.of(found.sheet())))
                .toList());
    }

    /**
     * A table.
     *
     * @param label its number, empty where it has none
     */
    record PaperTableView(String label, int page, SheetChoice sheet) {}
}
