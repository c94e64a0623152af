package grintel.core.paper;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The kinds of image that are drawn: those that every browser and PDF draws without running anything. */
public enum ImageFormat {
    PNG("image/png"),
    JPEG("image/jpeg"),
    GIF("image/gif");

    private final String mediaType;

    ImageFormat(String mediaType) {
        this.mediaType = mediaType;
    }

    /** The kind a part's name tells by its ending, or null for any other. */
    public static @Nullable ImageFormat of(String part) {
        return switch (ending(part)) {
            case "png" -> PNG;
            case "jpg", "jpeg" -> JPEG;
            case "gif" -> GIF;
            default -> null;
        };
    }

    /** What stands after the last full stop of a part's name, in small letters; empty where there is none. */
    public static String ending(String part) {
        return part.substring(part.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    /** The media type (RFC 6838). */
    public String mediaType() {
        return mediaType;
    }
}
