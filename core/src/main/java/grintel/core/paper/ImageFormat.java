package grintel.core.paper;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The kinds of image that are drawn: those that every browser and PDF draws without running anything. */
public enum ImageFormat {
    PNG("image/png", "png"),
    JPEG("image/jpeg", "jpeg jpg"),
    GIF("image/gif", "gif");

    private final String mediaType;
    private final String endings;

    ImageFormat(String mediaType, String endings) {
        this.mediaType = mediaType;
        this.endings = endings;
    }

    /** The kind a part's name tells by its ending, or null for any other. */
    public static @Nullable ImageFormat of(String part) {
        String ending = ending(part);
        for (ImageFormat format : values()) {
            if (format.endings().contains(ending)) {
                return format;
            }
        }
        return null;
    }

    /** What stands after the last full stop of a part's name, in small letters; empty where there is none. */
    public static String ending(String part) {
        return part.substring(part.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    /** What names of its parts end in, the usual one first. */
    public List<String> endings() {
        return List.of(endings.split(" "));
    }

    /** The media type (RFC 6838). */
    public String mediaType() {
        return mediaType;
    }
}
