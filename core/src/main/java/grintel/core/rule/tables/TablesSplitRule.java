package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Table;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** A table that goes on over pages repeats its heads on each of them. */
public final class TablesSplitRule implements Rule {
    private static final Measure HEADED = Measure.word("heads-on-each-page");

    @Override
    public String id() {
        return "tables.split";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        DataTables tables = DataTables.of(exam);
        return exam.paragraphs(tables.firsts())
                .check(id(), "heads")
                .measure(first -> isHeaded(tables.of(first)) ? HEADED : Measure.word("heads-on-the-first-page-only"))
                .asks(HEADED)
                .fix((off, cause) ->
                        off.stream().map(first -> headed(tables, first)).toList())
                .readings();
    }

    private static boolean isHeaded(DataTables.DataTable table) {
        List<Table.Row> rows = table.table().rows();
        return table.pieces().size() < 2
                || rows.size() < 2
                || rows.get(0).format().get(RowProperties.REPEATS);
    }

    private static Edit headed(DataTables tables, Paragraph first) {
        return new Edit.SetProperty(
                new Target.OfRow(tables.of(first).table().address(), 0), RowProperties.REPEATS, true);
    }
}
