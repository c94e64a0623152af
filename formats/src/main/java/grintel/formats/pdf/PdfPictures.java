package grintel.formats.pdf;

import grintel.core.typeset.PlacedPicture;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofPage;
import grintel.formats.docx.DocxPictures;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.HashMap;
import java.util.Iterator;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.color.PDDeviceCMYK;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.image.LosslessFactory;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.jspecify.annotations.Nullable;

/**
 * The pictures of one PDF, each embedded once: photographs as they are, others at the resolution of print where they have
 * a higher one, so that no picture takes more memory than the sheet it stands on asks for.
 */
final class PdfPictures {
    /** Pixels to an inch that a printer tells apart. */
    private static final int PRINT = 300;

    private static final int MILLIPOINTS_OF_INCH = 72_000;

    /** Larger pictures are not decoded at all: a small file can claim any size, and the time for it. */
    private static final long MOST_PIXELS = 200_000_000;

    /** One row is decoded as a whole. */
    private static final int MOST_ACROSS = 40_000;

    private static final String MISSING = "Picture not in the file";
    private static final String DAMAGED = "Picture cannot be read";
    private static final String TOO_LARGE = "Picture too large to print";
    private static final String FOUR_COLOURS = "Picture in colours of print, not of the screen";

    private final PDDocument document;
    private final Map<String, DocxPictures.Picture> pictures;
    private final Map<String, Placed> placed = new HashMap<>();
    private final Map<String, Outcome> made = new HashMap<>();

    PdfPictures(PDDocument document, Proof proof, Map<String, DocxPictures.Picture> pictures) {
        this.document = document;
        this.pictures = pictures;
        for (ProofPage page : proof.pages()) {
            for (PlacedPicture picture : page.pictures()) {
                placed.merge(picture.target(), new Placed(picture.width(), picture.height()), Placed::larger);
            }
        }
    }

    /** The picture of a part, or why there is none. */
    Outcome get(String part) {
        return made.computeIfAbsent(part, this::make);
    }

    private Outcome make(String part) {
        DocxPictures.Picture picture = pictures.get(part);
        if (picture == null) {
            return Outcome.none(MISSING);
        }
        byte[] lines = picture.lines();
        PDFormXObject form = lines == null ? null : PdfLines.form(document, lines);
        if (form != null) {
            return new Outcome(form, "");
        }
        try {
            return make(picture, placed.getOrDefault(part, new Placed(0, 0)));
        } catch (IOException | RuntimeException e) {
            // A damaged picture must not keep the paper from being handed in.
            return Outcome.none(DAMAGED);
        }
    }

    private Outcome make(DocxPictures.Picture picture, Placed size) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(picture.bytes()))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return Outcome.none(DAMAGED);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in);
                int across = reader.getWidth(0);
                int down = reader.getHeight(0);
                if (across > MOST_ACROSS || (long) across * down > MOST_PIXELS) {
                    return Outcome.none(TOO_LARGE);
                }
                return picture.type().equals("image/jpeg")
                        ? photograph(picture.bytes())
                        : new Outcome(decoded(reader, size.step(across, down)), "");
            } finally {
                reader.dispose();
            }
        }
    }

    /** JPEG is what a PDF holds as well. */
    private Outcome photograph(byte[] bytes) throws IOException {
        PDImageXObject jpeg = JPEGFactory.createFromByteArray(document, bytes);
        // The PDF's output intent is RGB, so that four-colour pictures may not stand in it.
        return jpeg.getColorSpace() instanceof PDDeviceCMYK ? Outcome.none(FOUR_COLOURS) : new Outcome(jpeg, "");
    }

    /** @param step of this many pixels one is taken, each way */
    private PDImageXObject decoded(ImageReader reader, int step) throws IOException {
        ImageReadParam how = reader.getDefaultReadParam();
        how.setSourceSubsampling(step, step, 0, 0);
        BufferedImage image = reader.read(0, how);
        return LosslessFactory.createFromImage(document, image);
    }

    /**
     * What became of a picture.
     *
     * @param image of dots or of lines, one unit wide and high; null where it cannot stand in the PDF
     * @param reason said in its place
     */
    record Outcome(@Nullable PDXObject image, String reason) {
        static Outcome none(String reason) {
            return new Outcome(null, reason);
        }
    }

    /** The largest size a picture is shown at, in millipoints. */
    private record Placed(int width, int height) {
        Placed larger(Placed other) {
            return new Placed(Math.max(width, other.width), Math.max(height, other.height));
        }

        /** How many pixels each way may become one without the print losing anything. */
        int step(int across, int down) {
            return Math.min(oneOf(across, width), oneOf(down, height));
        }

        private static int oneOf(int pixels, int length) {
            long needed = Math.max(1, (long) length * PRINT / MILLIPOINTS_OF_INCH);
            return (int) Math.max(1, pixels / needed);
        }
    }
}
