package grintel.formats.pdf;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import grintel.formats.docx.DocxFile;
import grintel.formats.docx.DocxWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.ByteBuffer;
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
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

class PdfPicturesTest {
    private static final String PICTURE = "word/media/image1.png";
    private static final int INCH = 914_400;
    private static final int HEADER_AT = 8 + 4 + 4;

    private static PDDocument pdf(Map<String, byte[]> pictures) throws IOException {
        byte[] bytes = DocxWriter.write(
                new PaperBuilder()
                        .paragraph("Bells")
                        .paragraph(p -> p.picture(PICTURE, 4 * INCH, 2 * INCH, "Bells along the coast"))
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
}
