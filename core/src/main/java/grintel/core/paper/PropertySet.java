package grintel.core.paper;

import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What one layer of formatting says: a value for some of a family's properties, nothing for the others. */
public final class PropertySet {
    private static final PropertySet EMPTY = new PropertySet(new Object[0]);

    private final @Nullable Object[] values;
    private final int hash;

    private PropertySet(@Nullable Object[] values) {
        this.values = values;
        this.hash = Arrays.hashCode(values);
    }

    /** A layer that says nothing. */
    public static PropertySet empty() {
        return EMPTY;
    }

    /** A layer that says one thing. */
    public static <T> PropertySet of(Property<T> property, T value) {
        return new Builder().set(property, value).build();
    }

    /** The value said here, or null. */
    public <T> @Nullable T get(Property<T> property) {
        Object value = raw(property);
        return value == null ? null : property.cast(value);
    }

    /** Whether this layer says anything of the property. */
    public boolean says(Property<?> property) {
        return raw(property) != null;
    }

    public boolean isEmpty() {
        return values.length == 0;
    }

    /** What this layer says, laid over what the layer below says. */
    public PropertySet over(PropertySet below) {
        if (isEmpty()) {
            return below;
        }
        if (below.isEmpty()) {
            return this;
        }
        @Nullable Object[] merged = Arrays.copyOf(below.values, Math.max(values.length, below.values.length));
        for (int i = 0; i < values.length; i++) {
            Object own = values[i];
            if (own != null) {
                merged[i] = own instanceof TabStops tabs && merged[i] instanceof TabStops beneath
                        ? tabs.over(beneath)
                        : own;
            }
        }
        return new PropertySet(merged);
    }

    /** This layer with one more thing said, or with null one less. */
    public PropertySet with(Property<?> property, @Nullable Object value) {
        if (value == null && !says(property)) {
            return this;
        }
        int ordinal = property.ordinal();
        @Nullable Object[] changed = Arrays.copyOf(values, Math.max(values.length, ordinal + 1));
        changed[ordinal] = value == null ? null : property.cast(value);
        int length = changed.length;
        // What is said last must not leave a trace once it is taken away, or equal layers would differ.
        while (length > 0 && changed[length - 1] == null) {
            length--;
        }
        return length == 0
                ? EMPTY
                : new PropertySet(length == changed.length ? changed : Arrays.copyOf(changed, length));
    }

    @Nullable
    Object raw(Property<?> property) {
        int ordinal = property.ordinal();
        return ordinal < values.length ? values[ordinal] : null;
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof PropertySet set && hash == set.hash && Arrays.equals(values, set.values);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    /** The properties of a family that this layer speaks of. */
    public List<Property<?>> said(List<Property<?>> family) {
        return family.stream().filter(this::says).toList();
    }

    /** Gathers what one layer says. */
    public static final class Builder {
        private @Nullable Object[] values = new Object[0];

        /** Sets a value; the last one set holds. */
        public <T> Builder set(Property<T> property, T value) {
            if (property.ordinal() >= values.length) {
                values = Arrays.copyOf(values, property.ordinal() + 1);
            }
            values[property.ordinal()] = value;
            return this;
        }

        public PropertySet build() {
            return values.length == 0 ? EMPTY : new PropertySet(values.clone());
        }
    }
}
