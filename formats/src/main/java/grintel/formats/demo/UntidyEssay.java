package grintel.formats.demo;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.docx.DocxWriter;
import java.util.List;
import java.util.Map;

/**
 * Marit Solvane's essay on three canal novels, for MLA 9. Its margins are a template's, its gaps come from the file's
 * defaults, its header is typed, one page of notes was pasted in, and the works cited are pushed down with the Enter
 * key.
 */
public final class UntidyEssay {
    private static final PropertySet PASTED = new PropertySet.Builder()
            .set(CharacterProperties.FACE, "Calibri")
            .set(CharacterProperties.FACE_HIGH_ANSI, "Calibri")
            .set(CharacterProperties.SIZE, 22)
            .build();
    private static final PropertySet ITALIC = PropertySet.of(CharacterProperties.ITALIC, true);
    private static final int INDENT = Lengths.inches(0.5);

    private static final String PICTURE = "word/media/image1.png";

    private final PaperBuilder out = new PaperBuilder();
    private final List<String> text = DemoTexts.paragraphs("lamps.txt");

    private UntidyEssay() {}

    /** The file as the student brings it. */
    public static byte[] write() {
        return new UntidyEssay().build();
    }

    private byte[] build() {
        styles();
        out.properties("", "Marit Solvane");
        sheet();
        for (String line : List.of("Marit Solvane", "Dr. Ilse Tamberg", "Literature 214", "9 October 2026")) {
            out.paragraph(line);
        }
        out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .text(
                        "Lamps on the Low Canal: Night Work in Three Invented Novels",
                        new PropertySet.Builder()
                                .set(CharacterProperties.BOLD, true)
                                .set(CharacterProperties.SIZE, 28)
                                .build()));
        openingParagraphs();
        quotation();
        laterParagraphs();
        table();
        closingParagraphs();
        indented(text.get(15));
        indented(text.get(16));
        worksCited();
        return DocxWriter.write(out.build(), Map.of(PICTURE, DemoPictures.canal()));
    }

    /** The gap after paragraphs and the narrow line come from the file's defaults, where no one looks for them. */
    private void styles() {
        out.defaults(
                new PropertySet.Builder()
                        .set(ParagraphProperties.SPACE_AFTER, Lengths.points(8))
                        .set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.75))
                        .build(),
                new PropertySet.Builder()
                        .set(CharacterProperties.FACE, "Times New Roman")
                        .set(CharacterProperties.FACE_HIGH_ANSI, "Times New Roman")
                        .set(CharacterProperties.SIZE, 24)
                        .build());
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, PropertySet.empty(), PropertySet.empty());
        out.style(
                "Header",
                "header",
                Style.Kind.PARAGRAPH,
                "Normal",
                new PropertySet.Builder()
                        .set(ParagraphProperties.SPACE_AFTER, 0)
                        .set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                        .build(),
                PropertySet.empty());
    }

    private void sheet() {
        out.section(SectionProperties.PAGE_WIDTH, 12240)
                .section(SectionProperties.PAGE_HEIGHT, 15840)
                .section(SectionProperties.MARGIN_TOP, Lengths.inches(1))
                .section(SectionProperties.MARGIN_BOTTOM, Lengths.inches(1))
                .section(SectionProperties.MARGIN_LEFT, Lengths.inches(1.25))
                .section(SectionProperties.MARGIN_RIGHT, Lengths.inches(1.25))
                .section(SectionProperties.HEADER_DISTANCE, Lengths.inches(0.4))
                .section(SectionProperties.FOOTER_DISTANCE, Lengths.inches(0.5))
                .section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                .header(
                        Marginals.Variant.DEFAULT,
                        header -> header.style("Header")
                                .text("Solvane,", PASTED)
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .tab()
                                .text("p. 2", PASTED));
    }

    private void openingParagraphs() {
        indented(text.get(0));
        tabbed(text.get(1).replace(". The numbers", ".  The numbers"));
        novelParagraph(text.get(2), "The Weir Ledger");
        spaced(text.get(3));
    }

    private void quotation() {
        out.paragraph(quotation -> quotation
                .set(ParagraphProperties.INDENT_LEFT, INDENT)
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .text(text.get(4)));
    }

    private void laterParagraphs() {
        out.paragraph("");
        indented(text.get(5).replace(". It is better", ".  It is better"));
        out.paragraph(second -> second.set(ParagraphProperties.INDENT_FIRST_LINE, Lengths.inches(0.3))
                .text("The second novel is louder. In Joren Aldermast’s ")
                .text("A Lantern for the Lockman", PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                .text(after(text.get(6), "A Lantern for the Lockman")));
        pasted(text.get(7));
        out.paragraph(justified -> justified
                .set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED)
                .set(ParagraphProperties.INDENT_FIRST_LINE, INDENT)
                .text(text.get(8)));
        out.paragraph("");
        novelParagraph(text.get(9), "The Dark Reach");
        indented(text.get(10));
    }

    private void table() {
        indented(text.get(11));
        out.paragraph("Table 1");
        out.paragraph("Lamps and Sums in Three Canal Novels");
        out.table(
                List.of(3200, 1900, 1900, 1640),
                List.of(
                        List.of("Novel", "Lamps", "Sums", "Both"),
                        List.of("The Weir Ledger", "212", "164", "71"),
                        List.of("A Lantern for the Lockman", "187", "240", "118"),
                        List.of("The Dark Reach", "0", "301", "0")),
                new PropertySet.Builder()
                        .set(ParagraphProperties.SPACE_AFTER, 0)
                        .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                        .build());
        indented(text.get(12));
    }

    private void closingParagraphs() {
        indented(text.get(13));
        out.paragraph(picture -> picture.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .picture(
                        PICTURE,
                        Lengths.EMU_PER_INCH * 6,
                        Lengths.EMU_PER_INCH * 7 / 2,
                        "The low canal from the weir, with a lamp and its ring of shadow"));
        out.paragraph("Figure 1: The low canal from the weir, frontispiece of The Weir Ledger.");
        out.paragraph(last -> last.set(ParagraphProperties.INDENT_FIRST_LINE, INDENT)
                .text(before(text.get(14), "a ledger, a pay sheet"))
                .text(
                        "a ledger, a pay sheet, a palm in the dark",
                        new PropertySet.Builder()
                                .set(CharacterProperties.HIGHLIGHT, "yellow")
                                .set(CharacterProperties.COLOUR, new Colour(0xC00000))
                                .build())
                .text(after(text.get(14), "a palm in the dark")));
    }

    private void worksCited() {
        for (int i = 0; i < 5; i++) {
            out.paragraph("");
        }
        out.paragraph(label ->
                label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text("Works Cited"));
        entry("Aldermast, Joren. ", "A Lantern for the Lockman", ". Basin House, 2009.");
        entry("Norrland, Sefa. ", "The Dark Reach", ". Towpath Editions, 2016.");
        entry("Quill, Benna. “Three Canals and a Joke.” ", "The Coast Review", ", vol. 8, no. 2, 2017, pp. 31-36.");
        entry("Verholt, Ansa. ", "The Weir Ledger", ". Low Water Press, 2004.");
    }

    private void entry(String author, String title, String rest) {
        out.paragraph(entry -> entry.set(ParagraphProperties.INDENT_LEFT, INDENT)
                .set(ParagraphProperties.INDENT_FIRST_LINE, -INDENT)
                .text(author)
                .text(title, ITALIC)
                .text(rest));
    }

    private void indented(String words) {
        out.paragraph(paragraph ->
                paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, INDENT).text(words));
    }

    private void tabbed(String words) {
        out.paragraph(paragraph -> paragraph.tab().text(words));
    }

    /** Ten strokes of the space bar for an indent, and a hard break where the line happened to end. */
    private void spaced(String words) {
        int cut = words.indexOf("Yet it is here");
        out.paragraph(paragraph -> paragraph
                .text("          " + words.substring(0, cut))
                .lineBreak()
                .text(words.substring(cut)));
    }

    private void pasted(String words) {
        out.paragraph(paragraph -> paragraph
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                .set(ParagraphProperties.SPACE_AFTER, Lengths.points(10))
                .text(words, PASTED));
    }

    private void novelParagraph(String words, String novel) {
        out.paragraph(paragraph -> paragraph
                .set(ParagraphProperties.INDENT_FIRST_LINE, INDENT)
                .text(before(words, novel))
                .text(novel, ITALIC)
                .text(after(words, novel)));
    }

    private static String before(String words, String part) {
        return words.substring(0, words.indexOf(part));
    }

    private static String after(String words, String part) {
        return words.substring(words.indexOf(part) + part.length());
    }
}
