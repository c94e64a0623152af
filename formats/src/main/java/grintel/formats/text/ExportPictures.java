package grintel.formats.text;

import grintel.core.appendix.ExportPicture;
import grintel.core.edit.NewImage;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Inline;
import grintel.formats.image.ImageHeader;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Gathers the pictures of an export that can come along, as long as they are few and small enough to be sent again. */
final class ExportPictures {
    private static final int MOST = 200;
    private static final int MOST_BYTES = 12 << 20;
    /** More than any camera takes; what says that it has more says so to exhaust who looks at it. */
    private static final long MOST_DOTS = 200_000_000;

    /** A dot on a screen, 96 to the inch. */
    private static final int EMU_PER_DOT = 9525;

    private static final long LARGEST = 1 << 26;

    private final Map<String, NewImage> images = new HashMap<>();
    /** What became of the bytes that were looked at: a file may show one image a thousand times. */
    private final Map<byte[], Optional<NewImage>> seen = new IdentityHashMap<>();

    private int bytes;

    /**
     * Takes a picture as large as it stands in the export.
     *
     * @param width EMU, 0 or less for as large as its dots
     * @param height the same
     * @return null where it cannot come along
     */
    @Nullable
    ExportPicture take(byte @Nullable [] image, long width, long height) {
        WorkLimits.goOn();
        Optional<NewImage> taken = image == null ? Optional.empty() : seen.computeIfAbsent(image, this::look);
        if (taken.isEmpty()) {
            return null;
        }
        NewImage brought = taken.get();
        Inline.Picture.Pixels dots = brought.pixels();
        boolean sized = width > 0 && height > 0;
        return new ExportPicture(
                brought.part(),
                bounded(sized ? width : (long) dots.width() * EMU_PER_DOT),
                bounded(sized ? height : (long) dots.height() * EMU_PER_DOT));
    }

    private Optional<NewImage> look(byte[] image) {
        ImageHeader header = ImageHeader.of(image);
        if (header == null || header.format() == null || isTooLarge(header.pixels()) || !ImageHeader.isWhole(image)) {
            return Optional.empty();
        }
        NewImage brought = NewImage.brought(header.format(), image, header.pixels());
        if (!images.containsKey(brought.part())) {
            if (images.size() == MOST || bytes + image.length > MOST_BYTES) {
                return Optional.empty();
            }
            bytes += image.length;
            images.put(brought.part(), brought);
        }
        return Optional.of(brought);
    }

    private static boolean isTooLarge(Inline.Picture.Pixels pixels) {
        return (long) pixels.width() * pixels.height() > MOST_DOTS;
    }

    /** Dots on a screen as EMU. */
    static long ofDots(long dots) {
        return dots * EMU_PER_DOT;
    }

    private static int bounded(long length) {
        return (int) Math.max(1, Math.min(length, LARGEST));
    }

    Map<String, NewImage> images() {
        return images;
    }
}
