package grintel.core.paper;

import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A style (ISO 29500-1 §17.7.4) and what it says itself.
 *
 * @param id the id by which the text refers to it
 * @param name the name a writer sees
 * @param basedOn id of the style it builds on, or null
 * @param linked id of the character style linked to this paragraph style, or the reverse; null for none
 * @param next id of the style of a paragraph typed after one of this style; null for the same
 * @param standard whether it holds where the text names no style of its kind
 * @param table what a table style says besides, by the cells it says it for
 */
public record Style(
        String id,
        String name,
        Kind kind,
        @Nullable String basedOn,
        @Nullable String linked,
        @Nullable String next,
        boolean standard,
        PropertySet paragraph,
        PropertySet character,
        Map<TableCondition, TableLayer> table) {
    public Style {
        table = Map.copyOf(table);
    }

    /** A style of paragraphs or characters that is linked to no other. */
    public static Style of(
            String id,
            String name,
            Kind kind,
            @Nullable String basedOn,
            boolean standard,
            PropertySet paragraph,
            PropertySet character) {
        return new Style(id, name, kind, basedOn, null, null, standard, paragraph, character, Map.of());
    }

    /** This style saying something else of a property, or with null nothing. */
    public Style with(Property<?> property, @Nullable Object value) {
        boolean ofCharacters = property.family() == Property.Family.CHARACTER;
        return new Style(
                id,
                name,
                kind,
                basedOn,
                linked,
                next,
                standard,
                ofCharacters ? paragraph : paragraph.with(property, value),
                ofCharacters ? character.with(property, value) : character,
                table);
    }

    /** This style with another one following it. */
    public Style followedBy(@Nullable String style) {
        return new Style(id, name, kind, basedOn, linked, style, standard, paragraph, character, table);
    }

    /** What a style formats. */
    public enum Kind {
        PARAGRAPH,
        CHARACTER,
        TABLE,
        NUMBERING
    }
}
