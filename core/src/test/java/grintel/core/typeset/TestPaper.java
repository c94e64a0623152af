package grintel.core.typeset;

import grintel.core.paper.Anchor;
import grintel.core.paper.Block;
import grintel.core.paper.Border;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Formatting;
import grintel.core.paper.FormattingResolver;
import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ListLabel;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.paper.Table;
import grintel.core.paper.Width;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;

/** Builds small papers: Letter, margins of an inch, single-spaced Times New Roman 12 unless a paragraph says more. */
public final class TestPaper {
    private static final Style NORMAL = new Style(
            "Normal",
            "Normal",
            Style.Kind.PARAGRAPH,
            null,
            null,
            true,
            PropertySet.empty(),
            PropertySet.of(CharacterProperties.SIZE, 24));
    private static final StyleSheet STYLES = new StyleSheet(PropertySet.empty(), PropertySet.empty(), List.of(NORMAL));

    private final FormattingResolver resolver = new FormattingResolver(STYLES);
    private final List<Block> blocks = new ArrayList<>();
    private final List<Note> notes = new ArrayList<>();
    private PropertySet section = PropertySet.empty();
    private Marginals headers = Marginals.NONE;
    private PaperSettings settings = PaperSettings.INITIAL;
    private int next;

    public static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    public TestPaper section(PropertySet properties) {
        section = properties;
        return this;
    }

    public TestPaper gapsAdd() {
        settings = new PaperSettings(720, false, false, false, true, false, false);
        return this;
    }

    public TestPaper paragraph(String text, PropertySet paragraph) {
        return paragraph(text, paragraph, PropertySet.empty());
    }

    /** Tabs and line feeds in the text become tabs and breaks. */
    public TestPaper paragraph(String text, PropertySet paragraph, PropertySet characters) {
        blocks.add(make(new ParagraphAddress(Story.TEXT, next++), text, paragraph, characters, false, null));
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
        Story story = new Story(kind, Integer.toString(notes.size() + 1));
        blocks.add(make(new ParagraphAddress(Story.TEXT, next++), text, paragraph, PropertySet.empty(), false, story));
        notes.add(new Note(
                story,
                story.id(),
                List.of(make(
                        new ParagraphAddress(story, 0), note, PropertySet.empty(), PropertySet.empty(), false, null))));
        return this;
    }

    /** A paragraph with a list's number or bullet before it. */
    public TestPaper listed(String label, String suffix, String text, PropertySet paragraph) {
        Paragraph plain =
                make(new ParagraphAddress(Story.TEXT, next++), text, paragraph, PropertySet.empty(), false, null);
        ListLabel number = new ListLabel(label, suffix, NumberFormat.DECIMAL, plain.mark());
        blocks.add(with(plain, number, plain.inlines()));
        return this;
    }

    /** A paragraph of runs, each with formatting of its own. */
    public TestPaper runs(Run... runs) {
        ParagraphAddress address = new ParagraphAddress(Story.TEXT, next++);
        List<Inline> inlines = new ArrayList<>();
        for (int i = 0; i < runs.length; i++) {
            Formatting format = resolver.characters(NORMAL, null, null, runs[i].characters());
            inlines.add(new Inline.Text(runs[i].text(), i, 0, format, ""));
        }
        Paragraph plain = make(address, "", PropertySet.empty(), PropertySet.empty(), false, null);
        blocks.add(with(plain, null, inlines));
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
        List<Table.Row> made = new ArrayList<>();
        for (List<String> row : rows) {
            made.add(row(row, headRepeats && made.isEmpty()));
        }
        return table(
                new Table(Collections.nCopies(columns, 9360 / columns), Width.AUTO, true, 0, Alignment.LEFT, made));
    }

    public TestPaper table(Table table) {
        blocks.add(table);
        return this;
    }

    /** A row of plain cells with single borders and the usual margins. */
    public Table.Row row(List<String> texts, boolean repeats) {
        List<Table.Cell> cells =
                texts.stream().map(text -> cell(text, Width.AUTO)).toList();
        return new Table.Row(cells, 0, false, 0, repeats, false);
    }

    public Table.Cell cell(String text, Width width) {
        return cell(List.of(inCell(text)), width);
    }

    public Table.Cell cell(List<Block> inside, Width width) {
        Border line = new Border(4, 1, Colour.AUTO);
        return new Table.Cell(
                inside,
                width,
                1,
                false,
                new Table.Margins(0, 108, 0, 108),
                new Border.Frame(line, line, line, line),
                Colour.AUTO,
                Table.Vertical.TOP);
    }

    public Paragraph inCell(String text) {
        return make(
                new ParagraphAddress(Story.TEXT, next++), text, PropertySet.empty(), PropertySet.empty(), true, null);
    }

    /** A paragraph that a picture belongs to; sizes in inches, null for a picture in the line. */
    public TestPaper pictured(String text, double width, double height, Anchor anchor) {
        Paragraph plain = make(
                new ParagraphAddress(Story.TEXT, next++), text, PropertySet.empty(), PropertySet.empty(), false, null);
        List<Inline> inlines = new ArrayList<>(plain.inlines());
        inlines.add(new Inline.Picture(
                Math.round(width * Lengths.EMU_PER_POINT * 72),
                Math.round(height * Lengths.EMU_PER_POINT * 72),
                anchor,
                "a bell",
                "word/media/bell.png",
                1,
                plain.mark()));
        blocks.add(with(plain, null, inlines));
        return this;
    }

    public TestPaper header(String text) {
        Story story = new Story(Story.Kind.HEADER, "header");
        Paragraph paragraph =
                make(new ParagraphAddress(story, 0), text, PropertySet.empty(), PropertySet.empty(), false, null);
        headers = new Marginals(
                Map.of(Marginals.Variant.DEFAULT, new Marginals.Marginal(story, List.of(paragraph), false)));
        return this;
    }

    /** A header that holds a box of text, an inch square at the top right of the sheet. */
    public TestPaper headerBox(String text) {
        Story story = new Story(Story.Kind.HEADER, "header");
        Paragraph plain =
                make(new ParagraphAddress(story, 0), "", PropertySet.empty(), PropertySet.empty(), false, null);
        Story box = new Story(Story.Kind.TEXT_BOX, "header");
        Paragraph inside =
                make(new ParagraphAddress(box, 0), text, PropertySet.empty(), PropertySet.empty(), false, null);
        Anchor corner = new Anchor(
                Anchor.Wrap.NONE,
                Anchor.Axis.aligned(Anchor.Reference.SHEET, Anchor.Alignment.END),
                Anchor.Axis.offset(Anchor.Reference.SHEET, 0),
                new Anchor.Distances(0, 0, 0, 0));
        long inch = Math.round(Lengths.EMU_PER_POINT * 72);
        Paragraph holder =
                with(plain, null, List.of(new Inline.TextBox(inch, inch, corner, List.of(inside), 0, plain.mark())));
        headers =
                new Marginals(Map.of(Marginals.Variant.DEFAULT, new Marginals.Marginal(story, List.of(holder), false)));
        return this;
    }

    public Paper build() {
        Section only = new Section(0, Formatting.ofSection(section), blocks, headers, Marginals.NONE);
        return Paper.of(List.of(only), notes, STYLES, settings);
    }

    /** The proof of this paper. */
    public Proof proof() {
        return Typesetter.typeset(build(), LayoutLimits.within(20));
    }

    /** The same paragraph with another label and other inlines. */
    private static Paragraph with(Paragraph plain, ListLabel label, List<Inline> inlines) {
        return new Paragraph(
                plain.address(),
                plain.style(),
                plain.format(),
                plain.direct(),
                plain.mark(),
                label,
                inlines,
                false,
                false,
                false);
    }

    private Paragraph make(
            ParagraphAddress address,
            String text,
            PropertySet paragraph,
            PropertySet characters,
            boolean inTable,
            Story note) {
        Formatting format = resolver.characters(NORMAL, null, null, characters);
        List<Inline> inlines = new ArrayList<>();
        int offset = 0;
        for (String piece : text.split("(?<=[\t\n\f])|(?=[\t\n\f])", -1)) {
            switch (piece) {
                case "" -> {}
                case "\t" -> inlines.add(new Inline.Tab(0, offset, format));
                case "\n" -> inlines.add(new Inline.Break(Inline.Break.Kind.LINE, 0, offset, format));
                case "\f" -> inlines.add(new Inline.Break(Inline.Break.Kind.PAGE, 0, offset, format));
                default -> inlines.add(new Inline.Text(piece, 0, offset, format, ""));
            }
            offset += piece.length();
        }
        if (note != null) {
            inlines.add(new Inline.NoteSign(note, note.id(), false, 1, format));
        }
        return new Paragraph(
                address,
                NORMAL,
                resolver.paragraph(NORMAL, null, null, paragraph),
                paragraph,
                format,
                null,
                inlines,
                false,
                inTable,
                false);
    }
}
