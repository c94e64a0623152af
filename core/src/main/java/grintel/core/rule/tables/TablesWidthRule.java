package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.rule.Examination;
import grintel.core.rule.LyingSheet;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Part;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A table stays within the margins; the white inside its outer cells may hang into them. One that is too wide gets narrower
 * columns; where words would break in them, it goes on a sheet of its own that lies on its side.
 */
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
                        .flatMap(first -> fitted(exam, tables.of(first)).stream())
                        .toList())
                .readings();
    }

    /** Twips by which a table reaches beyond the text's frame at the side where it does so most. */
    private static double beyond(DataTables.DataTable table) {
        double most = 0;
        for (DataTables.Piece piece : table.pieces()) {
            List<Integer> edges = piece.placed().edges();
            int left = piece.page().frame().left() - edges.get(0);
            int right = edges.get(edges.size() - 1) - piece.page().frame().right();
            most = Math.max(most, Millipoints.toTwips(Math.max(left, right)));
        }
        return most;
    }

    private static List<Edit> fitted(Examination exam, DataTables.DataTable table) {
        ColumnRoom columns = ColumnRoom.of(exam, table);
        ProofPage page = table.pieces().get(0).page();
        double measure = Millipoints.toTwips(page.frame().width());
        Edit.SetApart lying = columns.fits(measure) ? null : lying(exam, table, page);
        List<Edit> out = new ArrayList<>();
        if (lying != null) {
            out.add(lying);
            measure += Millipoints.toTwips(page.height() - page.width());
        }
        List<Integer> widths = columns.in(measure);
        Target target = new Target.OfTable(table.table().address());
        out.add(new Edit.SetColumns(table.table().address(), widths));
        out.add(new Edit.SetProperty(
                target,
                TableProperties.WIDTH,
                Width.twips(widths.stream().mapToInt(Integer::intValue).sum())));
        out.add(new Edit.SetProperty(target, TableProperties.FIXED, true));
        out.add(new Edit.SetProperty(target, TableProperties.INDENT, 0));
        return out;
    }

    /** Sets a table apart, with its number, title and notes, on a sheet on its side; null where it does not stand alone. */
    private static Edit.@Nullable SetApart lying(Examination exam, DataTables.DataTable table, ProofPage page) {
        int at = table.first().address().index();
        Part group = exam.parts().root().all(PartKind.TABLE).stream()
                .filter(part -> part.first() <= at && at <= part.last())
                .findFirst()
                .orElse(null);
        Section section = exam.paper().sections().get(page.section());
        if (group == null || section.get(SectionProperties.COLUMNS) > 1 || page.width() >= page.height()) {
            return null;
        }
        List<Paragraph> apart = exam.paper().paragraphs().subList(group.first(), group.last() + 1);
        boolean alone = apart.stream().allMatch(each -> LyingSheet.holds(exam, each) && !each.endsSection());
        return alone
                ? new Edit.SetApart(
                        apart.get(0).address(), apart.get(apart.size() - 1).address(), LyingSheet.turned(section))
                : null;
    }
}
