package grintel.core.paper;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Resolved formatting: a value for every property of a family, each with its origin. */
public final class Formatting {
    private final List<Property<?>> family;
    private final @Nullable Object[] values;
    private final @Nullable Origin[] origins;
    private final @Nullable Formatting withoutDirect;

    private Formatting(
            List<Property<?>> family,
            @Nullable Object[] values,
            @Nullable Origin[] origins,
            @Nullable Formatting withoutDirect) {
        this.family = family;
        this.values = values;
        this.origins = origins;
        this.withoutDirect = withoutDirect;
    }

    /** The value that holds. */
    public <T> T get(Property<T> property) {
        Object value = values[property.ordinal()];
        return value == null ? property.initial() : property.cast(value);
    }

    /** Where the value that holds comes from. */
    public Origin origin(Property<?> property) {
        Origin origin = origins[property.ordinal()];
        return origin == null ? Origin.INITIAL : origin;
    }

    /** What would hold if the paragraph, run or section said nothing itself. */
    public Formatting withoutDirect() {
        return withoutDirect == null ? this : withoutDirect;
    }

    /** This formatting under one more layer. */
    Formatting under(Origin origin, PropertySet layer) {
        if (layer.isEmpty()) {
            return this;
        }
        @Nullable Object[] nextValues = values.clone();
        @Nullable Origin[] nextOrigins = origins.clone();
        for (Property<?> property : family) {
            Object said = layer.raw(property);
            if (said != null) {
                int at = property.ordinal();
                nextValues[at] = said instanceof TabStops tabs && nextValues[at] instanceof TabStops below
                        ? tabs.over(below)
                        : said;
                nextOrigins[at] = origin;
            }
        }
        return new Formatting(family, nextValues, nextOrigins, null);
    }

    /** This formatting under what the text itself says. */
    Formatting underDirect(PropertySet direct) {
        if (direct.isEmpty()) {
            return this;
        }
        Formatting laid = under(Origin.DIRECT, direct);
        return new Formatting(family, laid.values, laid.origins, this);
    }

    /** Sets one value with its origin; used while toggles are combined. */
    Formatting with(Property<Boolean> property, boolean value, Origin origin) {
        @Nullable Object[] nextValues = values.clone();
        @Nullable Origin[] nextOrigins = origins.clone();
        nextValues[property.ordinal()] = value;
        nextOrigins[property.ordinal()] = origin;
        return new Formatting(family, nextValues, nextOrigins, null);
    }

    /** Formatting of which nothing is said yet. */
    static Formatting initial(List<Property<?>> family) {
        return new Formatting(family, new Object[family.size()], new Origin[family.size()], null);
    }

    /** Formatting of a section: its own properties and nothing below them. */
    public static Formatting ofSection(PropertySet direct) {
        return initial(SectionProperties.ALL).underDirect(direct);
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return this == other
                || other instanceof Formatting formatting
                        && Arrays.equals(values, formatting.values)
                        && Arrays.equals(origins, formatting.origins)
                        && Objects.equals(withoutDirect, formatting.withoutDirect);
    }

    @Override
    public int hashCode() {
        return Arrays.hashCode(values);
    }
}
