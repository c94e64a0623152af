package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.value.Length;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.typeset.Millipoints;
import java.util.ArrayList;
import java.util.List;

/** A table stays within the margins; the white inside its outer cells may hang into them. */
public final class TablesWidthRule implements Rule {
    private static final Measure WITHIN = Measure.word("within-the-margins");
    /** Twips: what programs let the cells of a table hang into the margin so that its text stands flush. */
    private static final int HANGING = 130;

    @Override
    public String id() {
        return "tables.width";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        DataTables tables = DataTables.of(exam);
        return exam.paragraphs(tables.firsts())
                .check(id(), "width")
                .measure(first -> beyond(tables.of(first)) <= HANGING
                        ? WITHIN
                        : new Measure.Phrase(
                                "beyond-the-margins", Measure.distance(beyond(tables.of(first)), Length.Unit.INCHES)))
                .asks(WITHIN)
                .fix((off, cause) -> off.stream()
                        .flatMap(first -> narrowed(tables.of(first)).stream())
                        .toList())
                .fixable(first -> !narrowed(tables.of(first)).isEmpty())
                .readings();
    }

    /** Twips by which a table reaches beyond the text's frame at the side where it does so most. */
    private static double beyond(DataTables.DataTable table) {
        double most = 0;
        for (DataTables.Piece piece : table.pieces()) {
            List<Integer> edges = piece.placed().edges();
            int left = piece.page().frame().left() - edges.get(0);
            int right = edges.get(edges.size() - 1) - piece.page().frame().right();
            most = Math.max(most, Math.max(left, right) / (double) Millipoints.PER_TWIP);
        }
        return most;
    }

    /** The columns in proportion, as wide together as the text, from the margin on. */
    private static List<Edit> narrowed(DataTables.DataTable table) {
        DataTables.Piece piece = table.pieces().get(0);
        List<Integer> edges = piece.placed().edges();
        int columns = edges.size() - 1;
        if (columns != table.table().columns().size()) {
            return List.of();
        }
        double all = edges.get(columns) - edges.get(0);
        int measure = (piece.page().frame().right() - piece.page().frame().left()) / Millipoints.PER_TWIP;
        List<Integer> widths = new ArrayList<>();
        for (int i = 0; i < columns; i++) {
            widths.add((int) Math.floor((edges.get(i + 1) - edges.get(i)) / all * measure));
        }
        int width = widths.stream().mapToInt(Integer::intValue).sum();
        Target target = new Target.OfTable(table.table().address());
        return List.of(
                new Edit.SetColumns(table.table().address(), widths),
                new Edit.SetProperty(target, TableProperties.WIDTH, Width.twips(width)),
                new Edit.SetProperty(target, TableProperties.FIXED, true),
                new Edit.SetProperty(target, TableProperties.INDENT, 0));
    }
}
