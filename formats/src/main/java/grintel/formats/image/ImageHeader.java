package grintel.formats.image;

import grintel.core.paper.ImageFormat;
import grintel.core.paper.Inline;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;

/**
 * What the first bytes of an image tell, without decoding it.
 *
 * @param format null for one that is not drawn
 * @param pixels dots across and down
 */
public record ImageHeader(@Nullable ImageFormat format, Inline.Picture.Pixels pixels) {
    /** Dots across or down that are kept of an image while it is looked through. */
    private static final int KEPT = 64;

    /** Null for what is no image of dots that can be read. */
    public static @Nullable ImageHeader of(byte @Nullable [] image) {
        if (image == null || image.length == 0) {
            return null;
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(image))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return null;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                // The readers of the Java platform name their formats as the endings of files do.
                ImageFormat format = ImageFormat.of("." + reader.getFormatName().toLowerCase(Locale.ROOT));
                return width > 0 && height > 0
                        ? new ImageHeader(format, new Inline.Picture.Pixels(width, height))
                        : null;
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Image readers fail in many ways on damaged bytes; such a picture has no size to tell.
            return null;
        }
    }

    /** Whether all of an image can be decoded; its dots are passed over, not kept. */
    public static boolean isWhole(byte[] image) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(image))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return false;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                ImageReadParam some = reader.getDefaultReadParam();
                int step = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / KEPT);
                some.setSourceSubsampling(step, step, 0, 0);
                reader.read(0, some);
                return true;
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }

    /** How many dots an image has, null for what is no image of dots that can be read. */
    public static Inline.Picture.@Nullable Pixels pixels(byte @Nullable [] image) {
        ImageHeader header = of(image);
        return header == null ? null : header.pixels();
    }
}
