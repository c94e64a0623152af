package grintel.core.paper;

/**
 * One formatting property: its name, the type of its value and the value that holds where nothing is said.
 *
 * @param <T> the type of the property's value; always immutable
 */
public final class Property<T> {
    /** What a property formats. */
    public enum Family {
        CHARACTER,
        PARAGRAPH,
        SECTION,
        TABLE,
        ROW,
        CELL
    }

    private final Family family;
    private final int ordinal;
    private final String name;
    private final Class<T> type;
    private final T initial;
    private final boolean toggle;

    Property(Family family, int ordinal, String name, Class<T> type, T initial, boolean toggle) {
        this.family = family;
        this.ordinal = ordinal;
        this.name = name;
        this.type = type;
        this.initial = initial;
        this.toggle = toggle;
    }

    public Family family() {
        return family;
    }

    /** The place of this property in its family, counted from 0. */
    int ordinal() {
        return ordinal;
    }

    /** A stable name in lower case with hyphens, such as {@code space-before}. */
    public String name() {
        return name;
    }

    /** The value that holds where neither the file's defaults nor a style nor the text says anything. */
    public T initial() {
        return initial;
    }

    /** Whether styles of different kinds combine by exclusive or (ISO 29500-1 §17.7.3). */
    boolean toggle() {
        return toggle;
    }

    /** The value as this property's type. */
    public T cast(Object value) {
        return type.cast(value);
    }

    @Override
    public String toString() {
        return name;
    }
}
