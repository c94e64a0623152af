package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The numbers of a column have as many decimals as most of it. A row that agrees with itself, as one of counts under
 * means, is another measure and is left alone. Digits can be rounded away, on being asked; none can be made up.
 */
public final class TablesDecimalsRule implements Rule {
    /** Where as many numbers have one as another, what is usual decides. */
    private static final int USUAL = 2;

    private static final Pattern DECIMAL = Pattern.compile("(?<digits>\\d*\\.\\d+)");

    @Override
    public String id() {
        return "tables.decimals";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Figure> all = new ArrayList<>();
        for (DataTables.DataTable table : DataTables.of(exam).ofRowsAndColumns()) {
            CellGrid grid = table.grid();
            for (int column = 1; column < grid.columns(); column++) {
                CellGrid.Place head = grid.head(column);
                boolean probabilities =
                        head != null && Figures.Quantity.of(head.text()) == Figures.Quantity.PROBABILITY;
                if (grid.isOfNumbers(column) && !probabilities) {
                    all.addAll(column(grid, column));
                }
            }
        }
        return exam.whole()
                .each(
                        paper -> all,
                        figure -> exam.place(figure.place.paragraphs().get(0)),
                        figure -> exam.identity(figure.place.paragraphs().get(0)))
                .check(id(), "decimals")
                .measure(figure -> new Measure.Count(figure.places(), "decimal"))
                .asksOf(figure -> new Measure.Count(figure.asked, "decimal"))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream().map(Figure::rounded).toList())
                .fixable(figure -> figure.places() > figure.asked)
                .readings();
    }

    private static List<Figure> column(CellGrid grid, int column) {
        List<CellGrid.Place> cells =
                grid.body(column).stream().filter(CellGrid.Place::isNumber).toList();
        Map<Integer, Integer> counts = new HashMap<>();
        cells.forEach(place -> counts.merge(places(place.text()), 1, Integer::sum));
        int most = counts.entrySet().stream()
                .max(Map.Entry.<Integer, Integer>comparingByValue()
                        .thenComparing(entry -> -Math.abs(entry.getKey() - USUAL)))
                .map(Map.Entry::getKey)
                .orElse(0);
        return cells.stream()
                .filter(place -> places(place.text()) == most || !isOfItsOwnMeasure(grid, place))
                .map(place -> new Figure(place, most))
                .toList();
    }

    /** Whether the row of a cell has one number of decimals throughout. */
    private static boolean isOfItsOwnMeasure(CellGrid grid, CellGrid.Place place) {
        List<CellGrid.Place> row = grid.row(place.row()).stream()
                .filter(other -> other.column() > 0 && other.isNumber())
                .toList();
        int own = places(place.text());
        return row.size() > 1 && row.stream().allMatch(other -> places(other.text()) == own);
    }

    private static int places(String text) {
        Matcher decimal = DECIMAL.matcher(text);
        return decimal.find() ? decimal.end() - decimal.group().indexOf('.') - decimal.start() - 1 : 0;
    }

    private record Figure(CellGrid.Place place, int asked) {
        int places() {
            return TablesDecimalsRule.places(place.text());
        }

        Edit rounded() {
            VisibleText visible = VisibleText.of(place.paragraphs().get(0));
            Matcher decimal = DECIMAL.matcher(visible.text());
            if (!decimal.find()) {
                throw new IllegalStateException("No decimals in \"" + visible.text() + "\"");
            }
            String is = decimal.group();
            String rounded =
                    new BigDecimal(is).setScale(asked, RoundingMode.HALF_UP).toPlainString();
            return Edit.ReplaceText.words(
                    visible.range(decimal.start(), decimal.end()),
                    is.startsWith(".") && rounded.startsWith("0.") ? rounded.substring(1) : rounded);
        }
    }
}
