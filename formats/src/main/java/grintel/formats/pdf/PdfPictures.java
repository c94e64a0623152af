package grintel.formats.pdf;

import grintel.formats.docx.DocxPictures;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jspecify.annotations.Nullable;

/** The pictures of one PDF, at full resolution, each embedded once. */
final class PdfPictures {
    /** Larger pictures are not decoded: no paper needs them, and a small file can claim any size. */
    private static final long MOST_PIXELS = 60_000_000;

    private final PDDocument document;
    private final Map<String, DocxPictures.Picture> pictures;
    private final Map<String, PDImageXObject> made = new HashMap<>();

    PdfPictures(PDDocument document, Map<String, DocxPictures.Picture> pictures) {
        this.document = document;
        this.pictures = pictures;
    }

    /** The picture of a part, or null where it is missing or cannot be decoded. */
    @Nullable
    PDImageXObject get(String part) {
        PDImageXObject known = made.get(part);
        DocxPictures.Picture picture = pictures.get(part);
        if (known == null && picture != null) {
            try {
                known = make(picture);
            } catch (IOException | RuntimeException e) {
                // A damaged picture must not keep the paper from being handed in.
                return null;
            }
            if (known != null) {
                made.put(part, known);
            }
        }
        return known;
    }

    private @Nullable PDImageXObject make(DocxPictures.Picture picture) throws IOException {
        if (!isWithinBounds(picture.bytes())) {
            return null;
        }
        if (picture.type().equals("image/jpeg")) {
            PDImageXObject jpeg = JPEGFactory.createFromByteArray(document, picture.bytes());
            // The PDF's output intent is RGB, so that four-colour pictures may not stand in it.
            return jpeg.getColorSpace() instanceof PDDeviceCMYK ? null : jpeg;
        }
        BufferedImage image = ImageIO.read(new ByteArrayInputStream(picture.bytes()));
        return image == null ? null : LosslessFactory.createFromImage(document, image);
    }

    private static boolean isWithinBounds(byte[] bytes) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return false;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                return (long) reader.getWidth(0) * reader.getHeight(0) <= MOST_PIXELS;
            } finally {
                reader.dispose();
            }
        }
    }
}
