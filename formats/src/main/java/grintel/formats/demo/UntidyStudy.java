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
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

/**
 * Tobias Ekwall's field study of fog bells and wading birds, for APA 7 as a student paper. It is set in a face the guide
 * does not permit, on A4, justified and hyphenated; its number is centred at the foot, its header carries the label of
 * the edition before, and its headings keep the colour and the gaps of their template.
 */
public final class UntidyStudy {
    private static final int INDENT = Lengths.inches(0.5);
    private static final String FACE = "Cambria";

    private static final String PICTURE = "word/media/image1.png";

    private final PaperBuilder out = new PaperBuilder();

    private UntidyStudy() {}

    /** The file as the student brings it. */
    public static byte[] write() {
        return new UntidyStudy().build();
    }

    private byte[] build() {
        styles();
        out.settings(settings -> settings.withHyphenation(true)).properties("Fog Bells", "Tobias Ekwall");
        sheet();
        titlePage();
        out.paragraph(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .text(
                        "Fog Bells and the Evening Feeding of Wading Birds",
                        PropertySet.of(CharacterProperties.BOLD, true)));
        body();
        return DocxWriter.write(out.build(), Map.of(PICTURE, DemoPictures.feedingCurve()));
    }

    private void styles() {
        out.defaults(
                PropertySet.empty(),
                new PropertySet.Builder()
                        .set(CharacterProperties.FACE, FACE)
                        .set(CharacterProperties.FACE_HIGH_ANSI, FACE)
                        .set(CharacterProperties.SIZE, 24)
                        .build());
        out.style(
                "Normal",
                "Normal",
                Style.Kind.PARAGRAPH,
                null,
                PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.75)),
                PropertySet.empty());
        out.style(
                "BodyText",
                "Body Text",
                Style.Kind.PARAGRAPH,
                "Normal",
                new PropertySet.Builder()
                        .set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED)
                        .set(ParagraphProperties.INDENT_FIRST_LINE, Lengths.inches(0.3))
                        .set(ParagraphProperties.SPACE_AFTER, Lengths.points(6))
                        .build(),
                PropertySet.empty());
        heading("Heading1", "heading 1", 0, Alignment.CENTRE);
        heading("Heading2", "heading 2", 1, Alignment.LEFT);
        out.style(
                "Footer",
                "footer",
                Style.Kind.PARAGRAPH,
                "Normal",
                PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.CENTRE),
                PropertySet.empty());
    }

    /** A template's heading: coloured, in another face, with gaps of its own. */
    private void heading(String id, String name, int level, Alignment alignment) {
        out.style(
                id,
                name,
                Style.Kind.PARAGRAPH,
                "Normal",
                new PropertySet.Builder()
                        .set(ParagraphProperties.ALIGNMENT, alignment)
                        .set(ParagraphProperties.KEEP_WITH_NEXT, true)
                        .set(ParagraphProperties.SPACE_BEFORE, Lengths.points(12))
                        .set(ParagraphProperties.OUTLINE_LEVEL, level)
                        .build(),
                new PropertySet.Builder()
                        .set(CharacterProperties.FACE, "Calibri Light")
                        .set(CharacterProperties.FACE_HIGH_ANSI, "Calibri Light")
                        .set(CharacterProperties.BOLD, true)
                        .set(CharacterProperties.SIZE, 28 - 2 * level)
                        .set(CharacterProperties.COLOUR, new Colour(0x2F5496))
                        .build());
    }

    private void sheet() {
        out.section(SectionProperties.PAGE_WIDTH, 11906)
                .section(SectionProperties.PAGE_HEIGHT, 16838)
                .section(SectionProperties.MARGIN_TOP, Lengths.inches(0.8))
                .section(SectionProperties.MARGIN_BOTTOM, Lengths.inches(1))
                .section(SectionProperties.MARGIN_LEFT, Lengths.inches(1))
                .section(SectionProperties.MARGIN_RIGHT, Lengths.inches(1))
                .section(SectionProperties.HEADER_DISTANCE, Lengths.inches(0.5))
                .section(SectionProperties.FOOTER_DISTANCE, Lengths.inches(0.5))
                .section(SectionProperties.PAGE_NUMBER_START, 0)
                .header(Marginals.Variant.DEFAULT, header -> header.text("Running head: FOG BELLS"))
                .footer(
                        Marginals.Variant.DEFAULT,
                        footer -> footer.style("Footer").pageNumber(PropertySet.empty()));
    }

    /** The title page is pushed down, and the text pushed off it, with the Enter key. */
    private void titlePage() {
        for (int i = 0; i < 5; i++) {
            out.paragraph("");
        }
        centred("Fog Bells and the Evening Feeding of Wading Birds", true);
        out.paragraph("");
        for (String line : List.of(
                "Tobias Ekwall",
                "Department of Shore Biology, Brackwater College",
                "BIOL 260: Field Methods",
                "Dr. Ilse Tamberg",
                "October 9, 2026")) {
            centred(line, false);
        }
        for (int i = 0; i < 21; i++) {
            out.paragraph("");
        }
    }

    private void centred(String words, boolean bold) {
        out.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .text(words, bold ? PropertySet.of(CharacterProperties.BOLD, true) : PropertySet.empty()));
    }

    private void body() {
        String kind = "text";
        List<List<String>> table = new ArrayList<>();
        for (String line : DemoTexts.lines("fog-bells.txt")) {
            if (line.startsWith("# ")) {
                if (!table.isEmpty()) {
                    table(table);
                    table.clear();
                }
                kind = line.substring(2);
                if (kind.equals("figure")) {
                    figure();
                } else if (kind.equals("sources")) {
                    out.paragraph(label -> label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                            .text("References", PropertySet.of(CharacterProperties.BOLD, true)));
                }
            } else if (!line.isBlank()) {
                switch (kind) {
                    case "heading 1" ->
                        out.paragraph(heading -> heading.style("Heading1").text(line));
                    case "heading 2" ->
                        out.paragraph(heading -> heading.style("Heading2").text(line));
                    case "table" -> table.add(Arrays.asList(line.split("\\|", -1)));
                    case "sources" -> entry(line);
                    default -> text(line);
                }
            }
        }
    }

    private void text(String words) {
        if (words.startsWith("They are gone")) {
            out.paragraph(quotation ->
                    quotation.set(ParagraphProperties.INDENT_LEFT, INDENT).text(words));
        } else if (words.startsWith("Even so")) {
            out.paragraph(paragraph -> paragraph.style("BodyText").text("        " + words));
        } else if (words.startsWith("Three limits")) {
            out.paragraph("");
            out.paragraph(paragraph -> paragraph
                    .style("BodyText")
                    .text(words.replace(". The observers", ".  The observers"))
                    .text(""));
        } else {
            out.paragraph(paragraph -> paragraph.style("BodyText").text(words));
        }
    }

    private void table(List<List<String>> rows) {
        out.paragraph(number -> number.text("Table 1", PropertySet.of(CharacterProperties.BOLD, true)));
        out.paragraph(title -> title.text(
                "Prey Taken in a Minute on Clear and Foggy Evenings",
                PropertySet.of(CharacterProperties.ITALIC, true)));
        out.table(
                List.of(2400, 2200, 2200, 2200),
                rows,
                PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE));
        out.paragraph(note -> note.text("Note.", PropertySet.of(CharacterProperties.ITALIC, true))
                .text(" Rates are means over all birds followed on a flat."));
    }

    private void figure() {
        out.paragraph(number -> number.text("Figure 1", PropertySet.of(CharacterProperties.BOLD, true)));
        out.paragraph(title -> title.text(
                "Share of Feeding Birds Around the First Bell", PropertySet.of(CharacterProperties.ITALIC, true)));
        out.paragraph(picture -> picture.picture(
                PICTURE,
                Lengths.EMU_PER_INCH * 6,
                Lengths.EMU_PER_INCH * 7 / 2,
                "Two curves through an hour; the foggy one falls before the bell"));
    }

    private void entry(String line) {
        out.paragraph(entry -> {
            entry.set(ParagraphProperties.INDENT_LEFT, INDENT).set(ParagraphProperties.INDENT_FIRST_LINE, -INDENT);
            String[] pieces = line.split("\\*", -1);
            for (int i = 0; i < pieces.length; i++) {
                entry.text(
                        pieces[i], i % 2 == 1 ? PropertySet.of(CharacterProperties.ITALIC, true) : PropertySet.empty());
            }
        });
    }
}
