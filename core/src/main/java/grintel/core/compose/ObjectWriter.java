package grintel.core.compose;

import grintel.core.compose.Content.Figure;
import grintel.core.compose.Content.Grid;
import grintel.core.compose.Content.Line;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.guide.demand.TableDemands;
import grintel.core.guide.value.Value;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.paper.build.TableBuilder;
import java.util.Collections;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sets tables and figures, with number, title and note in the form the guide asks for. */
final class ObjectWriter {
    private static final Border RULE = new Border(4, 1, Colour.AUTO);

    private final Form form;
    private final PaperBuilder out;
    private final String letter;
    private int tables;
    private int figures;

    /**
     * @param letter what stands before the numbers
     */
    ObjectWriter(Form form, PaperBuilder out, String letter) {
        this.form = form;
        this.out = out;
        this.letter = letter;
    }

    // ---- tables

    void table(Grid grid) {
        CaptionForm number = find("tables.number", TableDemands.NUMBER);
        CaptionForm title = find("tables.title", TableDemands.TITLE);
        caption(
                number == null ? "Table #" : number.words(),
                number,
                ++tables,
                grid.title(),
                title,
                PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true).with(ParagraphProperties.SPACE_BEFORE, gap()));
        out.table(table -> grid(table, grid));
        note(grid.note(), find("tables.note", TableDemands.NOTE), true);
    }

    /** A blank line stands around tables whose cells are set closer than the text. */
    private int gap() {
        return form.tableLine().equals(form.line) ? 0 : Form.BLANK_LINE;
    }

    private void grid(TableBuilder table, Grid grid) {
        int columns = grid.rows().get(0).size();
        int width = form.measure() / columns;
        table.columns(Collections.nCopies(columns, width))
                .set(TableProperties.WIDTH, Width.twips(width * columns))
                .set(TableProperties.BORDER_TOP, RULE)
                .set(TableProperties.BORDER_BOTTOM, RULE);
        for (int i = 0; i < grid.rows().size(); i++) {
            boolean head = i == 0;
            List<Line> cells = grid.rows().get(i);
            table.row(row -> {
                row.set(RowProperties.STAYS_WHOLE, true);
                if (head) {
                    row.set(RowProperties.REPEATS, true);
                }
                for (int at = 0; at < cells.size(); at++) {
                    boolean stub = at == 0;
                    Column column = Column.of(grid, at, width);
                    Line words = cells.get(at);
                    row.cell(
                            format -> {
                                format.set(CellProperties.WIDTH, Width.twips(width));
                                if (head) {
                                    format.set(CellProperties.BORDER_BOTTOM, RULE);
                                }
                            },
                            blocks -> blocks.paragraph(line -> {
                                line.style(Role.CELL.id());
                                if (!stub) {
                                    align(line, head, column);
                                }
                                Words.add(line, words);
                            }));
                }
            });
        }
    }

    /** Heads stand in the middle, numbers at the right and set in, so that the widest stands in the middle. */
    private static void align(ParagraphBuilder line, boolean head, Column column) {
        boolean right = !head && column.numbers;
        line.set(ParagraphProperties.ALIGNMENT, right ? Alignment.RIGHT : Alignment.CENTRE);
        if (right) {
            line.set(ParagraphProperties.INDENT_RIGHT, column.indent);
        }
    }

    /**
     * How the cells under a head stand.
     *
     * @param numbers whether all hold numbers
     * @param indent twips from the right that leave the widest of them in the middle, by the usual width of a digit
     */
    private record Column(boolean numbers, int indent) {
        private static final int DIGIT = 120;
        private static final int CELL_MARGINS = 216;

        static Column of(Grid grid, int at, int width) {
            boolean numbers = true;
            int widest = 0;
            for (List<Line> row : grid.rows().subList(1, grid.rows().size())) {
                String words = row.get(at).words();
                numbers &= words.matches("[−-]?[\\d.,]+");
                widest = Math.max(widest, words.length());
            }
            return new Column(numbers, Math.max(0, (width - CELL_MARGINS - widest * DIGIT) / 2));
        }
    }

    // ---- figures

    void figure(Figure figure) {
        Ask place = form.ask("figures.place");
        boolean above = place.find(FigureDemands.CAPTION) != FigureDemands.Side.BELOW;
        CaptionForm number = find("figures.number", FigureDemands.NUMBER);
        CaptionForm title = find("figures.title", FigureDemands.TITLE);
        String words = number == null ? "Figure #" : number.words();
        int at = ++figures;
        if (above) {
            caption(words, number, at, figure.title(), title, PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true));
        }
        out.paragraph(line -> {
            line.style(Role.PICTURE.id());
            if (!above) {
                line.set(ParagraphProperties.KEEP_WITH_NEXT, true);
            }
            line.picture(figure.image(), figure.width(), figure.height(), figure.alternative());
        });
        if (!above) {
            caption(words, number, at, figure.title(), title, PropertySet.empty());
        }
        note(figure.note(), find("figures.note", FigureDemands.NOTE), false);
    }

    // ---- captions

    private @Nullable CaptionForm find(String rule, Value<CaptionForm> value) {
        return form.ask(rule).find(value);
    }

    private void caption(
            String pattern,
            @Nullable CaptionForm number,
            int count,
            String title,
            @Nullable CaptionForm titleForm,
            PropertySet own) {
        String label = pattern.replace("#", letter + count);
        PropertySet labelLook = number == null ? PropertySet.empty() : RoleStyles.look(number);
        PropertySet titleLook = titleForm == null ? PropertySet.empty() : RoleStyles.look(titleForm);
        if (titleForm != null && titleForm.line() == CaptionForm.Line.SAME) {
            out.paragraph(line -> line.style(Role.OBJECT_NUMBER.id())
                    .set(own.over(PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, false)))
                    .text(label, labelLook)
                    .text(" ")
                    .text(title, titleLook));
            return;
        }
        out.paragraph(line -> line.style(Role.OBJECT_NUMBER.id()).set(own).text(label, labelLook));
        PropertySet kept = own.says(ParagraphProperties.KEEP_WITH_NEXT)
                ? PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true)
                : PropertySet.empty();
        out.paragraph(line -> line.style(Role.OBJECT_TITLE.id()).set(kept).text(title, titleLook));
    }

    private void note(String words, @Nullable CaptionForm note, boolean ofTable) {
        if (words.isEmpty()) {
            return;
        }
        PropertySet look = note == null ? PropertySet.empty() : RoleStyles.look(note);
        out.paragraph(line -> line.style(Role.OBJECT_NOTE.id())
                .set(
                        ofTable && gap() > 0
                                ? PropertySet.of(ParagraphProperties.SPACE_AFTER, gap())
                                : PropertySet.empty())
                .text(note == null ? "Note." : note.words(), look)
                .text(" " + words));
    }
}
