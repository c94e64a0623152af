package grintel.formats.text;

import grintel.core.appendix.ExportLine;
import grintel.core.edit.NewImage;
import java.util.List;
import java.util.Map;

/**
 * What a file or a page holds, line by line.
 *
 * @param images the pictures that come along, by their ids
 */
public record Export(List<ExportLine> lines, Map<String, NewImage> images) {
    public Export {
        lines = List.copyOf(lines);
        images = Map.copyOf(images);
    }

    /** Whether there is nothing in it. */
    public boolean isEmpty() {
        return lines.isEmpty();
    }
}
