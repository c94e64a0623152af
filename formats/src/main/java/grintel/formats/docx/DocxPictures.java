package grintel.formats.docx;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The images in a .docx. */
public final class DocxPictures {
    private DocxPictures() {}

    /** The image in a part, if it is one of the kinds browsers draw without running anything; else null. */
    public static @Nullable Picture find(byte[] file, String part) {
        return findAll(file, Set.of(part)).get(part);
    }

    /** The images in some parts, those left out that are none of these kinds or not there. */
    public static Map<String, Picture> findAll(byte[] file, Set<String> parts) {
        Map<String, Picture> out = new HashMap<>();
        if (parts.stream().allMatch(part -> type(part) == null)) {
            return out;
        }
        try (OpcPackage opc = OpcPackage.open(file)) {
            for (String part : parts) {
                String type = type(part);
                byte[] bytes = type == null ? null : opc.archive().get(part);
                if (type != null && bytes != null) {
                    out.put(part, new Picture(type, bytes));
                }
            }
        }
        return out;
    }

    private static @Nullable String type(String part) {
        if (!part.contains("media/")) {
            return null;
        }
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
