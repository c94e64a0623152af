package grintel.formats.docx;

import grintel.core.paper.Inline;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.jspecify.annotations.Nullable;

/** What the first bytes of an image tell; the image itself is not decoded. */
final class ImageHeader {
    private ImageHeader() {}

    /** How many dots it has, null for what is no image of dots that can be read. */
    static Inline.Picture.@Nullable Pixels pixels(byte @Nullable [] image) {
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
                return width > 0 && height > 0 ? new Inline.Picture.Pixels(width, height) : null;
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Image readers fail in many ways on damaged bytes; such a picture has no size to tell.
            return null;
        }
    }
}
