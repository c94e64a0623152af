package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Colour;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.structure.Parts;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/** PDFs of papers made by chance. */
class PdfPropertyTest {
    private static final List<String> WORDS = List.of(
            "fog",
            "bells,",
            "harbour",
            "(keepers)",
            "wading",
            "r\u00EFng",
            "\u201Cdusk\u201D",
            "12.5%",
            "\u2014",
            "inter\u00ADval");
    private static final List<String> FACES =
            List.of("Times New Roman", "Arial", "Courier New", "Calibri", "Cambria", "Georgia", "Unheard Of");
    private static final String PICTURE = "word/media/image1.png";
    private static final long INCH = 914_400;

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void passTheValidator(long seed) throws Exception {
        Made made = new Made(seed);
        assertThat(Validator.failures(made.pdf, PDFAFlavour.PDFA_2_U)).isEmpty();
        assertThat(Validator.failures(made.pdf, PDFAFlavour.PDFUA_1)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10})
    void haveEveryLineWhereLayoutPutIt(long seed) throws IOException {
        Made made = new Made(seed);
        try (PDDocument document = Loader.loadPDF(made.pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(made.proof.pages().size());
            List<double[]> drawn = new ArrayList<>();
            new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition letter) {
                    drawn.add(new double[] {getCurrentPageNo(), letter.getXDirAdj(), letter.getYDirAdj()});
                }
            }.getText(document);
            made.proof
                    .pages()
                    .forEach(page -> page.lines().forEach(line -> {
                        for (GlyphRun run : line.runs()) {
                            if (!run.text().isBlank() && !run.leader()) {
                                double x = run.x() / 1000.0;
                                double y = (line.y() - run.type().rise()) / 1000.0;
                                assertThat(drawn)
                                        .as("“%s” at %s, %s on page %d", run.text(), x, y, page.number())
                                        .anyMatch(at -> at[0] == page.number()
                                                && Math.abs(at[1] - x) < 0.02
                                                && Math.abs(at[2] - y) < 0.02);
                            }
                        }
                    }));
        }
    }

    /** A paper made by chance, its layout and its PDF. */
    private static final class Made {
        private final Random random;
        private final Proof proof;
        private final byte[] pdf;

        Made(long seed) {
            random = new Random(seed);
            DocxFile file = DocxFile.read(paper());
            proof = Typesetter.typeset(file.paper(), WorkLimits.within(20));
            Parts parts = Parts.recognise(file.paper(), proof);
            pdf = PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "paper.docx", Instant.EPOCH));
        }

        private byte[] paper() {
            PaperBuilder out = new PaperBuilder();
            out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, PropertySet.empty(), PropertySet.empty());
            for (int level = 1; level <= 3; level++) {
                PropertySet outline = PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, level - 1);
                out.style(
                        "H" + level, "heading " + level, Style.Kind.PARAGRAPH, "Normal", outline, PropertySet.empty());
            }
            out.header(
                    Marginals.Variant.DEFAULT, header -> header.text(words(3)).pageNumber(PropertySet.empty()));
            for (int i = 0; i < 25; i++) {
                addBlock(out);
            }
            if (random.nextBoolean()) {
                out.paragraph("ends here").endSection().section(SectionProperties.LANDSCAPE, true);
                out.section(SectionProperties.PAGE_WIDTH, 15_840).section(SectionProperties.PAGE_HEIGHT, 12_240);
                addBlock(out);
            }
            return DocxWriter.write(out.paragraph(words(4)).build(), Map.of(PICTURE, png()));
        }

        private void addBlock(PaperBuilder out) {
            switch (random.nextInt(9)) {
                case 0 -> out.paragraph(p -> p.text(words(3)).style("H" + (1 + random.nextInt(3))));
                case 1 -> out.table(List.of(3000, 3000), List.of(row(), row(), row()), PropertySet.empty());
                case 2 -> out.paragraph(p -> p.picture(PICTURE, INCH, INCH / 2, "Figure: " + words(2)));
                case 3 -> out.paragraph("");
                case 4 ->
                    out.paragraph(p ->
                            p.text(words(4)).tab().text(words(2)).lineBreak().text(words(3)));
                default ->
                    out.paragraph(p -> {
                        p.set(ParagraphProperties.ALIGNMENT, Alignment.values()[random.nextInt(4)]);
                        for (int i = 0; i < 3; i++) {
                            p.text(words(1 + random.nextInt(25)) + " ", type());
                        }
                    });
            }
        }

        private PropertySet type() {
            String face = FACES.get(random.nextInt(FACES.size()));
            return new PropertySet.Builder()
                    .set(CharacterProperties.FACE, face)
                    .set(CharacterProperties.FACE_HIGH_ANSI, face)
                    .set(CharacterProperties.SIZE, 16 + random.nextInt(20))
                    .set(CharacterProperties.BOLD, random.nextInt(4) == 0)
                    .set(CharacterProperties.ITALIC, random.nextInt(4) == 0)
                    .set(CharacterProperties.CAPITALS, random.nextInt(8) == 0)
                    .set(CharacterProperties.SMALL_CAPITALS, random.nextInt(8) == 0)
                    .set(CharacterProperties.UNDERLINE, random.nextInt(5) == 0 ? "single" : "none")
                    .set(CharacterProperties.COLOUR, new Colour(random.nextInt(0x1000000)))
                    .set(CharacterProperties.CHARACTER_SPACING, random.nextInt(6) == 0 ? 30 : 0)
                    .set(CharacterProperties.VERTICAL_POSITION, VerticalPosition.values()[random.nextInt(6) / 4])
                    .build();
        }

        private List<String> row() {
            return List.of(words(2), random.nextInt(4) == 0 ? "" : words(2));
        }

        private String words(int count) {
            StringBuilder out = new StringBuilder();
            for (int i = 0; i < count; i++) {
                out.append(i == 0 ? "" : " ").append(WORDS.get(random.nextInt(WORDS.size())));
            }
            return out.toString();
        }

        private static byte[] png() {
            try {
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                ImageIO.write(new BufferedImage(20, 10, BufferedImage.TYPE_INT_ARGB), "png", out);
                return out.toByteArray();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }
}
