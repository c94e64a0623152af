package grintel.core.table;

import grintel.core.made.UnusableSourceException;
import grintel.core.paper.Blocks;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Table;
import grintel.core.rule.Examination;
import grintel.core.rule.Stretch;
import grintel.core.rule.objects.Captioned;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The tables that a paper has, as cells of which another table or a figure can be made. */
public final class PaperTables {
    private static final String NOTE = "(?i)^notes?[.:]\\s*";

    private PaperTables() {}

    /**
     * A table of a paper.
     *
     * @param first its first paragraph
     * @param label its number, such as {@code Table 2}; empty where it has none
     */
    public record Found(Paragraph first, String label, Sheet sheet) {}

    /** Those from which something can be made, in order: in cells, or in lines parted by tabs. */
    public static List<Found> of(Examination exam) {
        Map<Paragraph, Table> cells = new IdentityHashMap<>();
        for (Table table : exam.paper().tables()) {
            table.rows()
                    .forEach(row -> row.cells()
                            .forEach(cell -> Blocks.paragraphs(cell.blocks())
                                    .forEach(paragraph -> cells.putIfAbsent(paragraph, table))));
        }
        List<Found> out = new ArrayList<>();
        for (Captioned each : Captioned.all(exam, PartKind.TABLE)) {
            if (!each.body().isEmpty() && !each.holdsPicture()) {
                Found found = found(each, cells.get(each.body().get(0)));
                if (found != null) {
                    out.add(found);
                }
            }
        }
        return out;
    }

    private static @Nullable Found found(Captioned each, @Nullable Table table) {
        try {
            Sheet sheet = table == null
                    ? SheetText.read(each.body().stream().map(Paragraph::text).collect(Collectors.joining("\n")))
                            .get(0)
                    : Sheet.of(table.rows().stream().map(PaperTables::row).toList(), List.of());
            Stretch title = each.caption() == null ? null : each.said().title();
            List<String> notes = new ArrayList<>(sheet.footers());
            each.notes().forEach(note -> notes.add(note.text().strip().replaceFirst(NOTE, "")));
            return new Found(
                    each.body().get(0),
                    each.caption() == null || each.said().number() == null
                            ? ""
                            : "Table " + each.said().number().shown(),
                    new Sheet(
                            title == null ? sheet.title() : title.characters().strip(),
                            sheet.rows(),
                            notes.stream().filter(note -> !note.isBlank()).toList(),
                            sheet.remarks()));
        } catch (UnusableSourceException e) {
            // What holds no cells is nothing to make a table of.
            return null;
        }
    }

    /** The words of a row's cells; those that a cell reaches over, and those that go on with the cell above, are empty. */
    private static List<String> row(Table.Row row) {
        List<String> out = new ArrayList<>();
        for (int i = 0; i < row.skipped(); i++) {
            out.add("");
        }
        for (Table.Cell cell : row.cells()) {
            out.add(
                    cell.continuesAbove()
                            ? ""
                            : Blocks.paragraphs(cell.blocks()).stream()
                                    .map(Paragraph::text)
                                    .collect(Collectors.joining(" ")));
            for (int i = 1; i < cell.span() && i < Sheet.MOST_COLUMNS; i++) {
                out.add("");
            }
        }
        return out;
    }
}
