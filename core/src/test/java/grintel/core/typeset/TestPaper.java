package grintel.core.typeset;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Anchor;
import grintel.core.paper.Border;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TableProperties;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.paper.build.TableBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Builds small papers: Letter, margins of an inch, single-spaced Times New Roman 12 unless a paragraph says more. */
public final class TestPaper {
    private static final Border LINE = new Border(4, 1, Colour.AUTO);
    private static final long INCH = Lengths.EMU_PER_POINT * 72;

    private final PaperBuilder out = new PaperBuilder()
            .style(
                    "Normal",
                    "Normal",
                    Style.Kind.PARAGRAPH,
                    null,
                    PropertySet.empty(),
                    PropertySet.of(CharacterProperties.SIZE, 24));
    private int lists;

    public static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    public TestPaper section(PropertySet properties) {
        out.section(properties);
        return this;
    }

    public TestPaper gapsAdd() {
        out.settings(settings -> settings.withGapsAdding(true));
        return this;
    }

    public TestPaper paragraph(String text, PropertySet paragraph) {
        return paragraph(text, paragraph, PropertySet.empty());
    }

    /** Tabs and line feeds in the text become tabs and breaks. */
    public TestPaper paragraph(String text, PropertySet paragraph, PropertySet characters) {
        out.paragraph(each -> each.set(paragraph).mark(characters).text(text, characters));
        return this;
    }

    /** A paragraph of whatever is asked for. */
    public TestPaper paragraph(Consumer<ParagraphBuilder> content) {
        out.paragraph(content);
        return this;
    }

    public TestPaper paragraphs(int count, String text, PropertySet paragraph) {
        for (int i = 0; i < count; i++) {
            paragraph(text, paragraph);
        }
        return this;
    }

    /** A paragraph that calls a footnote at its end. */
    public TestPaper noted(String text, PropertySet paragraph, String note) {
        return noted(Story.Kind.FOOTNOTE, text, paragraph, note);
    }

    /** A paragraph that calls an endnote at its end. */
    public TestPaper endnoted(String text, String note) {
        return noted(Story.Kind.ENDNOTE, text, PropertySet.empty(), note);
    }

    private TestPaper noted(Story.Kind kind, String text, PropertySet paragraph, String note) {
        out.settings(settings -> settings.withNoteNumbers(NumberFormat.DECIMAL, NumberFormat.DECIMAL));
        out.paragraph(each ->
                each.set(paragraph).text(text).note(kind, PropertySet.empty(), blocks -> blocks.paragraph(note)));
        return this;
    }

    /** A paragraph with a list's number or bullet before it. */
    public TestPaper listed(String label, String suffix, String text, PropertySet paragraph) {
        int number = ++lists;
        List<ListLevel> levels = new ArrayList<>(Collections.nCopies(Lists.LEVELS, ListLevel.EMPTY));
        levels.set(0, new ListLevel(1, NumberFormat.NONE, label, suffix, "", PropertySet.empty(), PropertySet.empty()));
        out.list(number, new Lists.Definition(number, levels, Map.of()));
        out.paragraph(each -> each.set(paragraph)
                .set(ParagraphProperties.NUMBERING_ID, number)
                .text(text));
        return this;
    }

    /** A paragraph of runs, each with formatting of its own. */
    public TestPaper runs(Run... runs) {
        out.paragraph(each -> {
            for (Run run : runs) {
                each.text(run.text(), run.characters());
            }
        });
        return this;
    }

    /** Some text with formatting of its own. */
    public record Run(String text, PropertySet characters) {
        static <T> Run of(String text, Property<T> property, T value) {
            return new Run(text, PropertySet.of(property, value));
        }

        static Run plain(String text) {
            return new Run(text, PropertySet.empty());
        }
    }

    /** A table of equal fixed columns across the measure. */
    public TestPaper table(List<List<String>> rows, boolean headRepeats) {
        int columns = rows.get(0).size();
        return table(table -> {
            table.columns(Collections.nCopies(columns, 9360 / columns)).set(TableProperties.FIXED, true);
            for (int i = 0; i < rows.size(); i++) {
                List<String> texts = rows.get(i);
                boolean repeats = headRepeats && i == 0;
                table.row(row -> {
                    row.set(RowProperties.REPEATS, repeats);
                    texts.forEach(text -> row.cell(format -> {}, blocks -> blocks.paragraph(text)));
                });
            }
        });
    }

    /** A table with single lines round its cells. */
    public TestPaper table(Consumer<TableBuilder> content) {
        out.table(table -> {
            for (Property<Border> side : List.of(
                    TableProperties.BORDER_TOP,
                    TableProperties.BORDER_RIGHT,
                    TableProperties.BORDER_BOTTOM,
                    TableProperties.BORDER_LEFT,
                    TableProperties.BORDER_INSIDE_ACROSS,
                    TableProperties.BORDER_INSIDE_DOWN)) {
                table.set(side, LINE);
            }
            content.accept(table);
        });
        return this;
    }

    /** Gives a table fixed columns of these widths in twips. */
    public static TableBuilder fixed(TableBuilder table, Integer... widths) {
        return table.columns(List.of(widths)).set(TableProperties.FIXED, true);
    }

    /** Cells of one paragraph each. */
    public static void cells(TableBuilder.RowBuilder row, String... texts) {
        for (String text : texts) {
            row.cell(format -> {}, blocks -> blocks.paragraph(text));
        }
    }

    /** A paragraph that a picture belongs to; sizes in inches, null for a picture in the line. */
    public TestPaper pictured(String text, double width, double height, Anchor anchor) {
        out.paragraph(each -> each.text(text)
                .picture("word/media/bell.png", Math.round(width * INCH), Math.round(height * INCH), anchor, "a bell"));
        return this;
    }

    public TestPaper header(String text) {
        out.header(Marginals.Variant.DEFAULT, line -> line.text(text));
        return this;
    }

    /** A header that holds a box of text, an inch square at the top right of the sheet. */
    public TestPaper headerBox(String text) {
        Anchor corner = new Anchor(
                Anchor.Wrap.NONE,
                Anchor.Axis.aligned(Anchor.Reference.SHEET, Anchor.Alignment.END),
                Anchor.Axis.offset(Anchor.Reference.SHEET, 0),
                new Anchor.Distances(0, 0, 0, 0));
        out.header(Marginals.Variant.DEFAULT, line -> line.box(INCH, INCH, corner, blocks -> blocks.paragraph(text)));
        return this;
    }

    /** Anything else. */
    public TestPaper add(Consumer<PaperBuilder> change) {
        change.accept(out);
        return this;
    }

    public Paper build() {
        return out.build();
    }

    /** The proof of this paper. */
    public Proof proof() {
        return Typesetter.typeset(build(), WorkLimits.within(20));
    }
}
