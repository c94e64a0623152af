package grintel.core.guide.value;

import org.jspecify.annotations.Nullable;

/**
 * A value that a guide gives a rule, or a part of such a value. Declared once: files are read, schemas written and rules
 * asked by this one declaration. Compared by identity.
 */
public final class Value<T> {
    private final String name;
    private final ValueType<T> type;
    private final boolean needed;
    private final @Nullable T otherwise;
    private final String about;

    private Value(String name, ValueType<T> type, boolean needed, @Nullable T otherwise, String about) {
        this.name = name;
        this.type = type;
        this.needed = needed;
        this.otherwise = otherwise;
        this.about = about;
    }

    /** A value without which its rule cannot be asked. */
    public static <T> Value<T> needed(String name, ValueType<T> type, String about) {
        return new Value<>(name, type, true, null, about);
    }

    /** A value that is taken for granted where a guide is silent. */
    public static <T> Value<T> of(String name, ValueType<T> type, T otherwise, String about) {
        return new Value<>(name, type, false, otherwise, about);
    }

    /** A value that says more where it is given. */
    public static <T> Value<T> optional(String name, ValueType<T> type, String about) {
        return new Value<>(name, type, false, null, about);
    }

    /** As files write it. */
    public String name() {
        return name;
    }

    public ValueType<T> type() {
        return type;
    }

    /** A value of this type, known to be one, as plain data. */
    @SuppressWarnings("unchecked") // values are only kept under what has read them
    public Object written(Object value) {
        return type.write((T) value);
    }

    /** Whether a guide that asks the rule must give it. */
    public boolean isNeeded() {
        return needed;
    }

    /** What holds where a guide is silent; null for none. */
    public @Nullable T otherwise() {
        return otherwise;
    }

    /** What it means, in a phrase. */
    public String about() {
        return about;
    }

    @Override
    public String toString() {
        return name;
    }
}
