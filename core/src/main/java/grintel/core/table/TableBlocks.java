package grintel.core.table;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewTable;
import grintel.core.guide.Guide;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectBlocks;
import grintel.core.made.Slanted;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Table;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A made table as blocks of a paper: number, title, cells, notes, in the form the guide asks for. */
public final class TableBlocks {
    private static final Border RULE = new Border(4, 1, Colour.AUTO);
    /** Twips: a blank line; an average character and a digit of 12 points; the white on both sides of a cell. */
    private static final int BLANK_LINE = 240;

    private static final int CHARACTER = 112;
    private static final int DIGIT = 120;
    private static final int WHITE = 216;
    private static final int LONGEST_KEPT_TOGETHER = 20;

    private final MadeTable table;
    private final Guide guide;
    private final int measure;
    private final ObjectBlocks around;
    private final boolean close;

    private TableBlocks(MadeTable table, Guide guide, int measure, @Nullable String style) {
        this.table = table;
        this.guide = guide;
        this.measure = measure;
        this.around = ObjectBlocks.ofTable(guide, style);
        this.close = guide.ask("tables.rules").isAsked()
                || guide.ask("tables.verticals").isAsked();
    }

    /** A made table, ready to be set. */
    public static MadeObject of(MadeTable table, Guide guide) {
        return (number, measure, style) -> new TableBlocks(table, guide, measure, style).blocks(number);
    }

    private List<NewBlock> blocks(String number) {
        PropertySet before = PropertySet.of(ParagraphProperties.SPACE_BEFORE, gap());
        PropertySet after = gap() > 0 ? PropertySet.of(ParagraphProperties.SPACE_AFTER, gap()) : PropertySet.empty();
        List<NewBlock> out = new ArrayList<>(around.caption(number, table.title(), before, true));
        out.add(grid());
        out.addAll(around.notes(table.notes(), after));
        return out;
    }

    /** A blank line stands around tables where a guide has their text set closer and no rules. */
    private int gap() {
        return guide.ask("tables.verticals").isAsked()
                        && !guide.ask("tables.rules").isAsked()
                ? BLANK_LINE
                : 0;
    }

    // ---- cells

    private NewTable grid() {
        List<Integer> widths = widths();
        List<NewTable.Row> rows = new ArrayList<>();
        List<List<MadeTable.Head>> heads = table.heads();
        for (int i = 0; i < heads.size(); i++) {
            rows.add(headRow(heads.get(i), widths, i == heads.size() - 1));
        }
        for (int i = 0; i < table.rows().size(); i++) {
            boolean together = table.rows().size() <= LONGEST_KEPT_TOGETHER
                    && i < table.rows().size() - 1;
            rows.add(bodyRow(table.rows().get(i), widths, together));
        }
        PropertySet direct = new PropertySet.Builder()
                .set(
                        TableProperties.WIDTH,
                        Width.twips(widths.stream().mapToInt(Integer::intValue).sum()))
                .set(TableProperties.FIXED, true)
                .set(TableProperties.BORDER_TOP, RULE)
                .set(TableProperties.BORDER_BOTTOM, RULE)
                .build();
        return new NewTable(direct, widths, rows);
    }

    private NewTable.Row headRow(List<MadeTable.Head> heads, List<Integer> widths, boolean lowest) {
        List<NewTable.Cell> cells = new ArrayList<>();
        int column = 0;
        for (MadeTable.Head head : heads) {
            int width = widths.subList(column, column + head.span()).stream()
                    .mapToInt(Integer::intValue)
                    .sum();
            PropertySet.Builder cell = new PropertySet.Builder().set(CellProperties.WIDTH, Width.twips(width));
            if (head.span() > 1) {
                cell.set(CellProperties.SPAN, head.span());
            }
            // The rule under a spanner only joins what it stands over.
            if (lowest || head.span() > 1) {
                cell.set(CellProperties.BORDER_BOTTOM, RULE);
            }
            cell.set(CellProperties.VERTICAL, Table.Vertical.BOTTOM);
            PropertySet line =
                    cellLine(true).with(ParagraphProperties.ALIGNMENT, column == 0 ? Alignment.LEFT : Alignment.CENTRE);
            cells.add(
                    new NewTable.Cell(cell.build(), List.of(around.paragraph(line, ObjectBlocks.runs(head.words())))));
            column += head.span();
        }
        PropertySet row = new PropertySet.Builder()
                .set(RowProperties.STAYS_WHOLE, true)
                .set(RowProperties.REPEATS, true)
                .build();
        return new NewTable.Row(row, cells);
    }

    private NewTable.Row bodyRow(List<String> words, List<Integer> widths, boolean together) {
        List<NewTable.Cell> cells = new ArrayList<>();
        for (int column = 0; column < words.size(); column++) {
            PropertySet cell = PropertySet.of(CellProperties.WIDTH, Width.twips(widths.get(column)));
            PropertySet line = stand(cellLine(together), column, words.get(column), widths.get(column));
            cells.add(new NewTable.Cell(cell, List.of(around.paragraph(line, ObjectBlocks.runs(words.get(column))))));
        }
        return new NewTable.Row(PropertySet.of(RowProperties.STAYS_WHOLE, true), cells);
    }

    /** The stub at the left; numbers at the right and set in, their asterisks hanging; other words in the middle. */
    private PropertySet stand(PropertySet line, int column, String words, int width) {
        if (column == 0) {
            return line.with(ParagraphProperties.ALIGNMENT, Alignment.LEFT);
        }
        int widest = 0;
        int marks = 0;
        for (List<String> row : table.rows()) {
            String cell = Slanted.plain(row.get(column));
            if (!cell.isEmpty() && !cell.equals("—") && Numeral.of(cell.replace('\u2212', '-'), false) == null) {
                return line.with(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            }
            widest = Math.max(widest, cell.length());
            marks = Math.max(marks, marks(cell));
        }
        int in = Math.max(0, (width - WHITE - widest * DIGIT) / 2);
        return line.with(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                .with(ParagraphProperties.INDENT_RIGHT, in + (marks - marks(words)) * DIGIT);
    }

    private static int marks(String cell) {
        return (int) cell.chars().filter(c -> c == '*').count();
    }

    /** As wide as their words, what is left over shared out, what is too much taken away in proportion. */
    private List<Integer> widths() {
        List<Integer> natural = new ArrayList<>();
        int longest = Math.max(8, measure / CHARACTER / 2);
        table.widths().forEach(characters -> natural.add(Math.min(characters, longest) * CHARACTER + WHITE + 40));
        int sum = natural.stream().mapToInt(Integer::intValue).sum();
        List<Integer> out = new ArrayList<>();
        for (int width : natural) {
            out.add(sum <= measure ? width + (measure - sum) / natural.size() : (int) ((long) width * measure / sum));
        }
        return out;
    }

    private PropertySet cellLine(boolean together) {
        PropertySet line =
                PropertySet.of(ParagraphProperties.LINE_SPACING, close ? LineSpacing.SINGLE : LineSpacing.DOUBLE);
        return together ? line.with(ParagraphProperties.KEEP_WITH_NEXT, true) : line;
    }
}
