package grintel.formats.docx;

import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The images in a .docx. */
public final class DocxPictures {
    private DocxPictures() {}

    /** The image in a part, if it is one of the kinds browsers draw without running anything; else null. */
    public static @Nullable Picture find(byte[] file, String part) {
        String type = type(part);
        if (type == null || !part.contains("media/")) {
            return null;
        }
        try (OpcPackage opc = OpcPackage.open(file)) {
            byte[] bytes = opc.archive().get(part);
            return bytes == null ? null : new Picture(type, bytes);
        }
    }

    private static @Nullable String type(String part) {
        String ending = part.substring(part.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        return switch (ending) {
            case "png" -> "image/png";
            case "jpg", "jpeg" -> "image/jpeg";
            case "gif" -> "image/gif";
            default -> null;
        };
    }

    /**
     * An image.
     *
     * @param type its media type
     */
    public record Picture(String type, byte[] bytes) {}
}
