package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The columns of a table, as laid out: heads in the middle over them, the stub at its left edge, numbers one under the
 * other by their points or at the right.
 */
public final class TablesAlignmentRule implements Rule {
    private static final Measure CENTRED = Measure.word("centred");
    private static final Measure LEFT = Measure.word("at-left-edge");
    private static final Measure IN_LINE = Measure.word("by-point-or-right");
    /** Twips within which an eye sees no difference in a column. */
    private static final double TOLERANCE = 2 * Measure.TOLERANCE;

    private static final Pattern POINT = Pattern.compile("(?<=\\d)?[.,](?=\\d{1,6}\\D*$)");
    private static final Pattern LAST_DIGIT = Pattern.compile("\\d(?=\\D*$)");

    @Override
    public String id() {
        return "tables.alignment";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> heads = new ArrayList<>();
        List<Paragraph> stubs = new ArrayList<>();
        List<Column> columns = new ArrayList<>();
        for (DataTables.DataTable table : DataTables.of(exam).ofRowsAndColumns()) {
            CellGrid grid = table.grid();
            for (int column = 1; column < grid.columns(); column++) {
                CellGrid.Place head = grid.head(column);
                if (head != null) {
                    heads.addAll(head.paragraphs());
                }
                if (grid.isOfNumbers(column)) {
                    columns.add(new Column(grid.body(column).stream()
                            .filter(CellGrid.Place::isNumber)
                            .map(place -> place.paragraphs().get(0))
                            .toList()));
                }
            }
            grid.body(0).forEach(place -> stubs.addAll(place.paragraphs()));
        }
        List<Reading> out = new ArrayList<>(aligned(exam, seen(exam, heads), "heads", CENTRED, Alignment.CENTRE));
        out.addAll(aligned(exam, seen(exam, stubs), "stub", LEFT, Alignment.LEFT));
        out.addAll(numbers(exam, columns));
        return out;
    }

    private static List<Paragraph> seen(Examination exam, List<Paragraph> paragraphs) {
        return paragraphs.stream()
                .filter(paragraph -> !paragraph.text().isBlank() && line(exam, paragraph) != null)
                .toList();
    }

    private static @Nullable ProofLine line(Examination exam, Paragraph paragraph) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        return lines.isEmpty() ? null : lines.get(0).line();
    }

    // ---- heads and stub

    private List<Reading> aligned(
            Examination exam, List<Paragraph> cells, String quantity, Measure asked, Alignment alignment) {
        Subjects<Paragraph> all = exam.paragraphs(cells);
        return all.check(id(), quantity)
                .measure(cell -> stand(exam, cell))
                .asks(asked)
                // What fills its column stands in the middle and at both edges.
                .metWhen((cell, is) -> fills(exam, cell) || asked == LEFT && isSetInFromLeft(cell))
                .fix((off, cause) -> off.stream()
                        .flatMap(cell -> set(cell, alignment).stream())
                        .toList())
                .readings();
    }

    private static Measure stand(Examination exam, Paragraph cell) {
        ProofLine line = line(exam, cell);
        if (line == null) {
            return CENTRED;
        }
        double left = Millipoints.toTwips(line.x() - line.columnLeft());
        double right = Millipoints.toTwips(line.columnRight() - line.right());
        if (Math.abs(left) <= TOLERANCE && right > TOLERANCE) {
            return LEFT;
        }
        if (Math.abs(left - right) / 2 <= TOLERANCE) {
            return CENTRED;
        }
        return right < left ? Measure.word("at-right-edge") : Measure.word("off-the-middle");
    }

    private static boolean fills(Examination exam, Paragraph cell) {
        ProofLine line = line(exam, cell);
        return line == null
                || Millipoints.toTwips(line.columnRight() - line.columnLeft() - line.width()) <= 2 * TOLERANCE;
    }

    /** Names of rows under another are set in. */
    private static boolean isSetInFromLeft(Paragraph cell) {
        Alignment alignment = cell.format().get(ParagraphProperties.ALIGNMENT);
        return alignment == Alignment.LEFT || alignment == Alignment.JUSTIFIED;
    }

    private static List<Edit> set(Paragraph cell, Alignment alignment) {
        Target target = new Target.OfParagraph(cell.address());
        return List.of(
                new Edit.SetProperty(target, ParagraphProperties.ALIGNMENT, alignment),
                new Edit.SetProperty(target, ParagraphProperties.INDENT_LEFT, 0),
                new Edit.SetProperty(target, ParagraphProperties.INDENT_RIGHT, 0),
                new Edit.SetProperty(target, ParagraphProperties.INDENT_FIRST_LINE, 0));
    }

    // ---- numbers

    /** The cells of a column that hold a number, from the top. */
    private record Column(List<Paragraph> cells) {}

    private List<Reading> numbers(Examination exam, List<Column> columns) {
        List<Column> several = columns.stream()
                .map(column -> new Column(seen(exam, column.cells)))
                .filter(column -> column.cells.size() > 1)
                .toList();
        return exam.whole()
                .each(
                        paper -> several,
                        column -> exam.place(column.cells.get(0)),
                        column -> exam.identity(column.cells.get(0)))
                .check(id(), "numbers")
                .measure(column -> isInLine(exam, column) ? IN_LINE : Measure.word("not-in-line"))
                .asks(IN_LINE)
                .fix((off, cause) -> off.stream()
                        .flatMap(column -> inLine(exam, column).stream())
                        .toList())
                .readings();
    }

    private static boolean isInLine(Examination exam, Column column) {
        List<ProofLine> lines = column.cells.stream()
                .map(cell -> exam.proof().lines(cell.address()).get(0).line())
                .toList();
        return isNarrow(lines.stream().map(TablesAlignmentRule::point).toList())
                || isNarrow(lines.stream()
                        .map(line -> edgeAfter(line, LAST_DIGIT, 1))
                        .toList())
                || isNarrow(lines.stream().map(ProofLine::right).toList());
    }

    private static boolean isNarrow(List<Integer> edges) {
        int least = edges.stream().mapToInt(Integer::intValue).min().orElse(0);
        int most = edges.stream().mapToInt(Integer::intValue).max().orElse(0);
        return Millipoints.toTwips(most - least) <= TOLERANCE;
    }

    /** Where the point of a number stands, its last digit's right edge where it has none. */
    private static int point(ProofLine line) {
        return POINT.matcher(line.text()).find() ? edgeAfter(line, POINT, 0) : edgeAfter(line, LAST_DIGIT, 1);
    }

    /** Where a sign of a line begins, or the one after it; the line's right edge where it has no such sign. */
    private static int edgeAfter(ProofLine line, Pattern sign, int more) {
        Matcher found = sign.matcher(line.text());
        int characters = found.find() ? found.start() + more : -1;
        for (GlyphRun run : line.runs()) {
            int length = run.text().codePointCount(0, run.text().length());
            if (characters >= 0 && characters <= length) {
                return run.edgeAfter(characters);
            }
            characters -= length;
        }
        return line.right();
    }

    /** At the right, set in so that the widest number stands in the middle of the column. */
    private static List<Edit> inLine(Examination exam, Column column) {
        int widest = 0;
        int room = Integer.MAX_VALUE;
        for (Paragraph cell : column.cells) {
            ProofLine line = exam.proof().lines(cell.address()).get(0).line();
            widest = Math.max(widest, line.width());
            room = Math.min(room, line.columnRight() - line.columnLeft());
        }
        int indent = Math.max(0, (room - widest) / 2 / Millipoints.PER_TWIP);
        List<Edit> out = new ArrayList<>();
        for (Paragraph cell : column.cells) {
            Target target = new Target.OfParagraph(cell.address());
            out.add(new Edit.SetProperty(target, ParagraphProperties.ALIGNMENT, Alignment.RIGHT));
            out.add(new Edit.SetProperty(target, ParagraphProperties.INDENT_LEFT, 0));
            out.add(new Edit.SetProperty(target, ParagraphProperties.INDENT_FIRST_LINE, 0));
            out.add(new Edit.SetProperty(target, ParagraphProperties.INDENT_RIGHT, indent));
        }
        return out;
    }
}
