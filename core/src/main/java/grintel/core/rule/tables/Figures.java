package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Subjects;
import grintel.core.rule.objects.Captioned;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The numbers in the cells of the tables and in the notes under them, each with the quantity it is a value of. */
final class Figures {
    private static final Pattern NUMBER =
            Pattern.compile("(?<![\\d.,])(?<sign>[<>=≤≥]\\s?)?(?<digits>\\d*[.,]\\d+|\\d+)");
    /** What a note says of its probabilities and coefficients. */
    private static final Pattern SAID =
            Pattern.compile("(?<![\\p{L}])(?<symbol>p|r|rs|α|β|R²|η²|φ)\\s?(?<sign>[<>=≤≥])\\s?(?<digits>\\d*\\.\\d+)");

    private static final double MOST_OF_A_CORRELATION = 1;

    private Figures() {}

    /**
     * A number.
     *
     * @param quantity what it is a value of
     * @param sign what stands before it, such as {@code <}, white space aside
     * @param from where the sign, or else the number, begins among the visible characters
     * @param digits the number as typed
     */
    record Figure(
            Paragraph paragraph, VisibleText visible, Quantity quantity, String sign, int from, int at, String digits) {
        double value() {
            return Double.parseDouble(digits.replace(',', '.'));
        }

        /** Digits after the point. */
        int places() {
            int point = Math.max(digits.indexOf('.'), digits.indexOf(','));
            return point < 0 ? 0 : digits.length() - point - 1;
        }

        /** Sign and number as typed. */
        String said() {
            return visible.text().substring(from, at + digits.length());
        }

        /** The edit that lets it say something else, its sign included. */
        Edit saying(String words) {
            return Edit.ReplaceText.words(visible.range(from, at + digits.length()), words);
        }
    }

    /** What a number can be a value of, as far as its form goes. */
    enum Quantity {
        PROBABILITY,
        /** One that cannot exceed 1, such as a correlation. */
        BOUNDED,
        ANY;

        private static final Pattern P = Pattern.compile("p|p[ -]?values?|sig\\.?(?: \\((?:2|1|two|one)-tailed\\))?");
        private static final Pattern UP_TO_ONE = Pattern.compile(
                "r|rs|r²|r2|adj(?:usted|\\.)? r²|α|alpha|cronbach[’']s (?:α|alpha)|β|beta|η²|ηp²|partial η²|ω²|φ|phi|cram[eé]r[’']s v|ρ|τ|κ|kappa");

        /** The quantity a head or a stub names. */
        static Quantity of(String name) {
            String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("[*†‡]+$", "");
            if (P.matcher(plain).matches()) {
                return PROBABILITY;
            }
            return UP_TO_ONE.matcher(plain).matches() ? BOUNDED : ANY;
        }

        boolean isBounded() {
            return this != ANY;
        }
    }

    /** All of a paper's tables, as subjects. */
    static Subjects<Figure> of(Examination exam) {
        List<Figure> all = new ArrayList<>();
        for (DataTables.DataTable table : DataTables.of(exam).ofRowsAndColumns()) {
            cells(table.grid(), all);
        }
        for (Captioned table : Captioned.all(exam, PartKind.TABLE)) {
            table.notes().forEach(note -> notes(note, all));
        }
        return exam.whole()
                .each(
                        paper -> all,
                        figure -> exam.place(figure.paragraph, figure.said()),
                        figure -> exam.identity(figure.paragraph));
    }

    private static void cells(CellGrid grid, List<Figure> out) {
        boolean correlations = isOfCorrelations(grid);
        for (int row = grid.heads(); row < grid.size(); row++) {
            Quantity ofRow = Quantity.of(grid.stub(row));
            for (CellGrid.Place place : grid.row(row)) {
                if (place.column() > 0 && !place.paragraphs().isEmpty()) {
                    CellGrid.Place head = grid.head(place.column());
                    Quantity ofColumn = head == null ? Quantity.ANY : Quantity.of(head.text());
                    Quantity quantity = ofColumn.isBounded() ? ofColumn : correlations ? Quantity.BOUNDED : ofRow;
                    Figure figure = only(place.paragraphs().get(0), quantity);
                    if (figure != null) {
                        out.add(figure);
                    }
                }
            }
        }
    }

    /** The number of a cell that holds one. */
    private static @Nullable Figure only(Paragraph cell, Quantity quantity) {
        VisibleText visible = VisibleText.of(cell);
        if (!CellGrid.isNumber(visible.text().strip())) {
            return null;
        }
        Matcher number = NUMBER.matcher(visible.text());
        return number.find() ? figure(cell, visible, quantity, number) : null;
    }

    private static Figure figure(Paragraph paragraph, VisibleText visible, Quantity quantity, Matcher number) {
        boolean signed = number.group("sign") != null;
        int at = number.start("digits");
        String sign = signed ? number.group("sign").strip() : "";
        return new Figure(
                paragraph, visible, quantity, sign, signed ? number.start("sign") : at, at, number.group("digits"));
    }

    private static void notes(Paragraph note, List<Figure> out) {
        VisibleText visible = VisibleText.of(note);
        Matcher said = SAID.matcher(visible.text());
        while (said.find()) {
            Quantity quantity = said.group("symbol").equals("p") ? Quantity.PROBABILITY : Quantity.BOUNDED;
            out.add(figure(note, visible, quantity, said));
        }
    }

    /** Whether heads and stub name the same in the same order, by words or by numbers, and no number exceeds 1. */
    private static boolean isOfCorrelations(CellGrid grid) {
        int rows = grid.size() - grid.heads();
        int square = Math.min(rows, grid.columns() - 1);
        if (square < 2 || Math.abs(rows - (grid.columns() - 1)) > 1) {
            return false;
        }
        boolean named = true;
        for (int i = 0; i < square; i++) {
            CellGrid.Place head = grid.head(i + 1);
            String stub = grid.stub(grid.heads() + i);
            named &= head != null
                    && !stub.isEmpty()
                    && stub.startsWith(head.text().replaceAll("\\.$", ""));
        }
        return named
                && grid.all().stream()
                        .filter(place -> place.row() >= grid.heads() && place.column() > 0 && place.isNumber())
                        .allMatch(place -> isWithinOne(place.text()));
    }

    private static boolean isWithinOne(String text) {
        Matcher number = NUMBER.matcher(text);
        return number.find() && Double.parseDouble(number.group("digits").replace(',', '.')) <= MOST_OF_A_CORRELATION;
    }
}
