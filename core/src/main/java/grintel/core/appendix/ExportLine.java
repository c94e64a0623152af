package grintel.core.appendix;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A line of an export as it came.
 *
 * @param words where a picture stands, what stands for it in words
 * @param picture one that comes along; null for a line of words, and where a picture cannot come
 */
public record ExportLine(String words, @Nullable ExportPicture picture) {
    /** A line of words. */
    public static ExportLine of(String words) {
        return new ExportLine(words, null);
    }

    /** Lines of words. */
    public static List<ExportLine> of(List<String> lines) {
        return lines.stream().map(ExportLine::of).toList();
    }

    /**
     * A picture.
     *
     * @param alternative what it shows in words, empty where nobody said it
     * @param picture null where it cannot come along
     */
    public static ExportLine picture(String alternative, @Nullable ExportPicture picture) {
        String shows = alternative.strip();
        return new ExportLine(shows.isEmpty() ? "[Picture]" : "[Picture: " + shows + "]", picture);
    }
}
