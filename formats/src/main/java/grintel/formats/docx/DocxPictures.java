package grintel.formats.docx;

import grintel.core.edit.NewImage;
import grintel.core.paper.ImageFormat;
import java.util.HashMap;
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
                    String lines = NewImage.linesBeside(part);
                    out.put(
                            part,
                            new Picture(
                                    type,
                                    bytes,
                                    lines == null ? null : opc.archive().get(lines)));
                }
            }
        }
        return out;
    }

    private static @Nullable String type(String part) {
        if (!part.contains("media/")) {
            return null;
        }
        ImageFormat format = ImageFormat.of(part);
        return format == null ? null : format.mediaType();
    }

    /**
     * An image.
     *
     * @param type its media type
     * @param lines the same as SVG, where it came in as a chart of ours; null for any other
     */
    public record Picture(String type, byte[] bytes, byte @Nullable [] lines) {}
}
