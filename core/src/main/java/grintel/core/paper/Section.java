package grintel.core.paper;

import java.util.List;

/**
 * A section: blocks that share a sheet, margins, headers and footers.
 *
 * @param index counted from 0
 * @param direct what the section says
 */
public record Section(
        int index, PropertySet direct, Formatting format, List<Block> blocks, Marginals headers, Marginals footers) {
    public Section {
        blocks = List.copyOf(blocks);
    }

    /** A section that says these things of itself. */
    public static Section of(int index, PropertySet direct, List<Block> blocks, Marginals headers, Marginals footers) {
        return new Section(index, direct, Formatting.ofSection(direct), blocks, headers, footers);
    }

    /** A section property's value. */
    public <T> T get(Property<T> property) {
        return format.get(property);
    }

    /** From margin to margin, in twips. */
    public int measure() {
        return get(SectionProperties.PAGE_WIDTH)
                - get(SectionProperties.MARGIN_LEFT)
                - get(SectionProperties.MARGIN_RIGHT);
    }

    /** Its headers or its footers. */
    public Marginals marginals(Story.Kind kind) {
        return kind == Story.Kind.FOOTER ? footers : headers;
    }
}
