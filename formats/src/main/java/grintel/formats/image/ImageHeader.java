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
        return image == null || image.length == 0
                ? null
                : read(image, reader -> {
                    int width = reader.getWidth(0);
                    int height = reader.getHeight(0);
                    // The readers of the Java platform name their formats as the endings of files do.
                    ImageFormat format =
                            ImageFormat.of("." + reader.getFormatName().toLowerCase(Locale.ROOT));
                    return width > 0 && height > 0
                            ? new ImageHeader(format, new Inline.Picture.Pixels(width, height))
                            : null;
                });
    }

    /** Whether all of an image can be decoded; its dots are passed over, not kept. */
    public static boolean isWhole(byte[] image) {
        Boolean whole = read(image, reader -> {
            ImageReadParam some = reader.getDefaultReadParam();
            int step = Math.max(1, Math.max(reader.getWidth(0), reader.getHeight(0)) / KEPT);
            some.setSourceSubsampling(step, step, 0, 0);
            reader.read(0, some);
            return true;
        });
        return whole != null && whole;
    }

    /** What is told of an image by its reader. */
    @FunctionalInterface
    private interface Look<T> {
        @Nullable
        T at(ImageReader reader) throws IOException;
    }

    private static <T> @Nullable T read(byte[] image, Look<T> look) {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(image))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                return null;
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                return look.at(reader);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Image readers fail in many ways on damaged bytes; of such a picture nothing is told.
            return null;
        }
    }

    /** How many dots an image has, null for what is no image of dots that can be read. */
    public static Inline.Picture.@Nullable Pixels pixels(byte @Nullable [] image) {
        ImageHeader header = of(image);
        return header == null ? null : header.pixels();
    }
}
