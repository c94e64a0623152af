package grintel.core.typeset;

import grintel.core.paper.ImageFormat;
import grintel.core.paper.Inline;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The words in the box that stands for a picture that is not drawn. */
final class StandIn {
    private static final String FACE = "LiberationSans";
    private static final int MOST_HALF_POINTS = 18;
    private static final int LEAST_HALF_POINTS = 8;
    private static final int LONGEST_ENDING = 5;

    private StandIn() {}

    /** What a picture is called where it is not drawn; empty where it is. */
    static String words(Inline.Picture picture) {
        if (ImageFormat.of(picture.target()) != null) {
            return "";
        }
        return switch (picture.kind()) {
            case CHART -> "Chart";
            case DIAGRAM -> "Diagram";
            case DRAWING -> "Drawing";
            case EMBEDDED_OBJECT -> "Embedded object";
            case IMAGE -> image(picture.target());
        };
    }

    private static String image(String target) {
        String ending = ImageFormat.ending(target);
        return target.isEmpty()
                ? "Picture outside the file"
                : ending.length() > LONGEST_ENDING ? "Picture" : ending.toUpperCase(Locale.ROOT) + " picture";
    }

    /** The words in the middle of a box, as large as fits; null where not even small ones do. */
    static @Nullable GlyphRun run(String words, int x, int width, int height) {
        FaceMetrics face = FaceCatalogue.shipped().metrics(FACE, false, false);
        for (int size = MOST_HALF_POINTS; size >= LEAST_HALF_POINTS; size--) {
            Type type = Type.plain(face, size);
            int length = (int)
                    Math.round(words.codePoints().mapToDouble(type::advance).sum());
            if (length <= width && type.ascent() + type.depth() <= height) {
                return new GlyphRun(words, x + (width - length) / 2, length, type, "", false);
            }
        }
        return null;
    }
}
