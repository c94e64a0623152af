package grintel.formats.demo;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.formats.docx.DocxWriter;
import java.util.List;

/**
 * Two papers with footnotes, as students bring them: a history of the ferry tolls at Arden Crossing for Chicago, and a
 * reading of an invented hymn scroll for SBL. Their notes run on without gaps in a size of their own, headings are only
 * bold, the title page is pushed down by the Enter key and bears a number, and the lists of sources are out of order.
 */
public final class UntidyNotes {
    private static final int INDENT = Lengths.inches(0.5);
    private static final PropertySet RAISED =
            PropertySet.of(CharacterProperties.VERTICAL_POSITION, CharacterProperties.VerticalPosition.SUPERSCRIPT);
    private static final PropertySet ITALIC = PropertySet.of(CharacterProperties.ITALIC, true);
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);

    private final PaperBuilder out = new PaperBuilder();
    private final int noteSize;

    private UntidyNotes(int noteSize) {
        this.noteSize = noteSize;
    }

    /** The history of the ferry tolls. */
    public static byte[] tolls() {
        UntidyNotes paper = new UntidyNotes(18);
        paper.begin(
                "Times New Roman",
                List.of("What the Ferrymen Asked: Tolls at Arden Crossing", "Henna Orsted", "HIST 231: River Towns"));
        return paper.end("ferry-tolls.txt", "ferry-sources.txt");
    }

    /** The reading of the hymn scroll. */
    public static byte[] hymns() {
        UntidyNotes paper = new UntidyNotes(20);
        paper.begin(
                "Georgia",
                List.of(
                        "Brackwater College",
                        "The Lamp and the Wick: A Reading of the Fourteenth Hymn",
                        "REL 310: Scrolls and Scribes",
                        "Dr. Ilse Tamberg",
                        "Jory Maddern",
                        "October 9, 2026"));
        return paper.end("hymn-scroll.txt", "hymn-sources.txt");
    }

    private void begin(String face, List<String> titlePage) {
        PropertySet type = PropertySet.of(CharacterProperties.FACE, face)
                .with(CharacterProperties.FACE_HIGH_ANSI, face)
                .with(CharacterProperties.SIZE, 24);
        PropertySet lines = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .with(ParagraphProperties.SPACE_AFTER, Lengths.points(8))
                .with(ParagraphProperties.WIDOW_CONTROL, false);
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, lines, type);
        out.section(SectionProperties.MARGIN_LEFT, Lengths.inches(1.25))
                .section(SectionProperties.MARGIN_RIGHT, Lengths.inches(1.25))
                .header(
                        Marginals.Variant.DEFAULT,
                        header -> header.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                                .pageNumber(PropertySet.empty()));
        for (int i = 0; i < 6; i++) {
            out.paragraph("");
        }
        for (String line : titlePage) {
            out.paragraph(paragraph -> paragraph
                    .set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                    .text(line));
        }
        out.paragraph(ParagraphBuilder::pageBreak);
    }

    private byte[] end(String text, String sources) {
        DemoTexts.paragraphs(text).forEach(this::add);
        for (int i = 0; i < 4; i++) {
            out.paragraph("");
        }
        out.paragraph(label ->
                label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text("Bibliography", BOLD));
        for (String entry : DemoTexts.lines(sources)) {
            out.paragraph(line -> emphasised(line.set(ParagraphProperties.INDENT_LEFT, INDENT), entry));
        }
        return DocxWriter.write(out.build());
    }

    private void add(String words) {
        if (words.startsWith("# ")) {
            out.paragraph(heading -> heading.text(words.substring(2), BOLD));
        } else if (words.startsWith("> ")) {
            out.paragraph(quotation ->
                    noted(quotation.set(ParagraphProperties.INDENT_LEFT, INDENT), "“" + words.substring(2) + "”"));
        } else {
            out.paragraph(paragraph -> noted(paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, INDENT), words));
        }
    }

    /** Words in which a note, up to the end of its sentence, follows each caret. */
    private void noted(ParagraphBuilder paragraph, String words) {
        String[] pieces = words.split("\\^", -1);
        emphasised(paragraph, pieces[0]);
        for (int i = 1; i < pieces.length; i++) {
            int end = noteEnd(pieces[i]);
            String note = pieces[i].substring(0, end);
            paragraph.note(
                    Story.Kind.FOOTNOTE,
                    RAISED,
                    blocks -> blocks.paragraph(line -> {
                        line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                .set(ParagraphProperties.SPACE_AFTER, 0)
                                .noteSign(RAISED)
                                .text(" ", size());
                        emphasised(line, note, size());
                    }));
            emphasised(paragraph, pieces[i].substring(end));
        }
    }

    private PropertySet size() {
        return PropertySet.of(CharacterProperties.SIZE, noteSize);
    }

    /** A note ends with a page, a leaf or a day: with the first stop after a number. */
    private static int noteEnd(String words) {
        for (int i = 1; i < words.length(); i++) {
            boolean stop = words.charAt(i) == '.' && (i + 1 == words.length() || words.charAt(i + 1) == ' ');
            if (stop && (Character.isDigit(words.charAt(i - 1)) || words.startsWith("August", i - 6))) {
                return i + 1;
            }
        }
        return words.length();
    }

    private static void emphasised(ParagraphBuilder paragraph, String words) {
        emphasised(paragraph, words, PropertySet.empty());
    }

    private static void emphasised(ParagraphBuilder paragraph, String words, PropertySet type) {
        String[] pieces = words.split("\\*", -1);
        for (int i = 0; i < pieces.length; i++) {
            paragraph.text(pieces[i], i % 2 == 1 ? ITALIC.over(type) : type);
        }
    }
}
