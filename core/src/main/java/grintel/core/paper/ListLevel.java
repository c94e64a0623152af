package grintel.core.paper;

import org.jspecify.annotations.Nullable;

/**
 * A level of a list (ISO 29500-1 §17.9.6).
 *
 * @param text the label, with {@code %1} to {@code %9} for the numbers of the levels
 * @param suffix what follows the label: tab, space or nothing
 * @param style id of the paragraph style tied to the level, or empty
 */
public record ListLevel(
        int start,
        NumberFormat format,
        String text,
        String suffix,
        String style,
        PropertySet paragraph,
        PropertySet character) {
    /** A level of which nothing is said. */
    public static final ListLevel EMPTY =
            new ListLevel(0, NumberFormat.DECIMAL, "", "tab", "", PropertySet.empty(), PropertySet.empty());

    /** This level saying something else of a property, or with null nothing. */
    public ListLevel with(Property<?> property, @Nullable Object value) {
        boolean ofCharacters = property.family() == Property.Family.CHARACTER;
        return new ListLevel(
                start,
                format,
                text,
                suffix,
                style,
                ofCharacters ? paragraph : paragraph.with(property, value),
                ofCharacters ? character.with(property, value) : character);
    }
}
