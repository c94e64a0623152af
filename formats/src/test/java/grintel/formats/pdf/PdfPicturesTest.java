package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.chart.Chart;
import grintel.core.chart.Chart.Columns;
import grintel.core.chart.Chart.Mark;
import grintel.core.chart.Chart.Series;
import grintel.core.edit.Edit;
import grintel.core.edit.NewBlock;
import grintel.core.edit.NewParagraph;
import grintel.core.edit.Piece;
import grintel.core.edit.Position;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.chart.ChartDrawing;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDResources;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.verapdf.pdfa.flavours.PDFAFlavour;

class PdfPicturesTest {
    private static final String PICTURE = "word/media/image1.png";
    private static final int INCH = 914_400;
    private static final int HEADER_AT = 8 + 4 + 4;

    private static PDDocument pdf(Map<String, byte[]> pictures) throws IOException {
        return pdf(PICTURE, pictures);
    }

    private static PDDocument pdf(String part, Map<String, byte[]> pictures) throws IOException {
        byte[] bytes = DocxWriter.write(
                new PaperBuilder()
                        .paragraph("Bells")
                        .paragraph(p -> p.picture(part, 4 * INCH, 2 * INCH, "Bells along the coast"))
                        .build(),
                pictures);
        DocxFile file = DocxFile.read(bytes);
        Proof proof = Typesetter.typeset(file.paper(), WorkLimits.within(20));
        Parts parts = Parts.recognise(file.paper(), proof);
        return Loader.loadPDF(
                PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "paper.docx", Instant.EPOCH)));
    }

    private static List<PDImageXObject> images(PDDocument pdf) throws IOException {
        PDResources resources = pdf.getPage(0).getResources();
        List<PDImageXObject> out = new ArrayList<>();
        for (COSName name : resources.getXObjectNames()) {
            if (resources.getXObject(name) instanceof PDImageXObject image) {
                out.add(image);
            }
        }
        return out;
    }

    private static byte[] png(int across, int down) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(across, down, BufferedImage.TYPE_BYTE_BINARY), "png", out);
        return out.toByteArray();
    }

    /** A picture that says it is larger than it is. */
    private static byte[] claiming(int across, int down) throws IOException {
        byte[] bytes = png(10, 10);
        ByteBuffer.wrap(bytes).putInt(HEADER_AT, across).putInt(HEADER_AT + 4, down);
        CRC32 sum = new CRC32();
        sum.update(bytes, HEADER_AT - 4, 4 + 13);
        ByteBuffer.wrap(bytes).putInt(HEADER_AT + 13, (int) sum.getValue());
        return bytes;
    }

    @Test
    void aPictureOfMorePixelsThanPrintShowsIsEmbeddedWithFewer() throws IOException {
        try (PDDocument pdf = pdf(Map.of(PICTURE, png(12_000, 5_000)))) {
            assertThat(images(pdf)).singleElement().satisfies(image -> {
                assertThat(image.getWidth()).isBetween(1200, 2400).isEqualTo(12_000 / 8);
                assertThat(image.getHeight()).isEqualTo(5_000 / 8);
            });
        }
    }

    @Test
    void aPictureOfFewerIsEmbeddedAsItIs() throws IOException {
        try (PDDocument pdf = pdf(Map.of(PICTURE, png(1300, 700)))) {
            assertThat(images(pdf)).singleElement().satisfies(image -> {
                assertThat(image.getWidth()).isEqualTo(1300);
                assertThat(image.getHeight()).isEqualTo(700);
            });
        }
    }

    @Test
    void whereAPictureCannotStandItIsSaidWhy() throws IOException {
        byte[] damaged = Arrays.copyOf(png(1300, 700), 60);
        for (Map.Entry<String, byte[]> each : Map.of(
                        "Picture too large to print", claiming(30_000, 30_000), "Picture cannot be read", damaged)
                .entrySet()) {
            try (PDDocument pdf = pdf(Map.of(PICTURE, each.getValue()))) {
                assertThat(images(pdf)).isEmpty();
                assertThat(new PDFTextStripper().getText(pdf)).contains(each.getKey());
            }
        }
    }

    // ---- lines

    private static final String FIGURE = "word/media/figure-0123456789abcdef.png";
    private static final String LINES = "word/media/figure-0123456789abcdef.svg";
    private static final String SQUARE =
            "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"80pt\" height=\"40pt\" viewBox=\"0 0 80 40\">%s</svg>";

    private static List<PDFormXObject> forms(PDDocument pdf) throws IOException {
        PDResources resources = pdf.getPage(0).getResources();
        List<PDFormXObject> out = new ArrayList<>();
        for (COSName name : resources.getXObjectNames()) {
            if (resources.getXObject(name) instanceof PDFormXObject form) {
                out.add(form);
            }
        }
        return out;
    }

    private static PDDocument figure(String shapes) throws IOException {
        return pdf(
                FIGURE,
                Map.of(FIGURE, png(800, 400), LINES, SQUARE.formatted(shapes).getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void aFigureThatHasLinesIsDrawnByThemWhereItStands() throws IOException {
        try (PDDocument pdf = figure("<rect x='0' y='0' width='40' height='40' fill='#808080'/>")) {
            assertThat(forms(pdf)).hasSize(1);
            assertThat(images(pdf)).isEmpty();
            BufferedImage page = new PDFRenderer(pdf).renderImageWithDPI(0, 72);
            int grey = 0;
            int across = 0;
            for (int y = 0; y < page.getHeight(); y++) {
                int row = 0;
                for (int x = 0; x < page.getWidth(); x++) {
                    row += (page.getRGB(x, y) & 0xFF) == 0x80 ? 1 : 0;
                }
                grey += row > 100 ? 1 : 0;
                across = Math.max(across, row);
            }
            assertThat(across).as("half of four inches").isBetween(142, 146);
            assertThat(grey).as("two inches down").isBetween(142, 146);
        }
    }

    @Test
    void aDrawnChartComesIntoAFileAndIntoAPdfThatKeepsToItsStandards() throws Exception {
        DocxFile empty = DocxFile.read(DocxWriter.write(
                new PaperBuilder().paragraph("Bells").paragraph("More bells").build()));
        Chart chart = new Columns(
                Mark.POINTS,
                "Harbour",
                "Mean Delay",
                List.of("North", "South"),
                List.of(
                        new Series("Ebb", List.of(4.0, 7.0), List.of(1.0, 0.5)),
                        new Series("Flood", List.of(3.0, 2.0), List.of(0.0, 0.5))));
        NewBlock figure = new NewParagraph(
                null,
                PropertySet.empty(),
                List.of(new NewParagraph.NewRun(
                        new Piece.Picture(new ChartDrawing().draw(chart, 360, 216), 5 * INCH, 3 * INCH, "Delays"),
                        PropertySet.empty())));
        ParagraphAddress first = empty.paper().paragraphs().get(0).address();
        DocxFile file = empty.with(List.of(List.of(new Edit.InsertBlocks(Position.after(first), List.of(figure)))));
        Proof proof = Typesetter.typeset(file.paper(), WorkLimits.within(20));
        Parts parts = Parts.recognise(file.paper(), proof);
        byte[] written =
                PdfWriter.write(file, proof, parts, PdfDetails.of(file.paper(), parts, "paper.docx", Instant.EPOCH));
        try (PDDocument pdf = Loader.loadPDF(written)) {
            assertThat(forms(pdf)).hasSize(1);
            assertThat(images(pdf)).isEmpty();
        }
        assertThat(Validator.failures(written, PDFAFlavour.PDFA_2_U)).isEmpty();
        assertThat(Validator.failures(written, PDFAFlavour.PDFUA_1)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<image href='http://example.org/a.png' width='9' height='9'/>",
                "<use href='#a'/>",
                "<text>Bells</text>",
                "<script>alert(1)</script>",
                "<rect width='9' height='9' style='mix-blend-mode:multiply'/>",
                "<g opacity='0.5'><rect width='9' height='9'/></g>",
                "<rect",
            })
    void linesThatAreMoreThanShapesAreNotTaken(String shapes) throws IOException {
        try (PDDocument pdf = figure(shapes)) {
            assertThat(forms(pdf)).isEmpty();
            assertThat(images(pdf)).hasSize(1);
        }
    }

    @Test
    void linesBesideAnyOtherPictureAreLeftAlone() throws IOException {
        byte[] square = SQUARE.formatted("<rect width='9' height='9'/>").getBytes(StandardCharsets.UTF_8);
        try (PDDocument pdf = pdf(Map.of(PICTURE, png(800, 400), "word/media/image1.svg", square))) {
            assertThat(forms(pdf)).isEmpty();
        }
    }
}
