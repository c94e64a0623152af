package grintel.core.paper;

import java.util.List;

/**
 * A section: blocks that share a sheet, margins, headers and footers.
 *
 * @param index counted from 0
 */
public record Section(int index, Formatting format, List<Block> blocks, Marginals headers, Marginals footers) {
    public Section {
        blocks = List.copyOf(blocks);
    }

    /** A section property's value. */
    public <T> T get(Property<T> property) {
        return format.get(property);
    }
}
