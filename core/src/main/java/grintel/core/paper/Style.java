package grintel.core.paper;

import org.jspecify.annotations.Nullable;

/**
 * A style (ISO 29500-1 §17.7.4) and what it says itself.
 *
 * @param id the id by which the text refers to it
 * @param name the name a writer sees
 * @param basedOn id of the style it builds on, or null
 * @param linked id of the character style linked to this paragraph style, or the reverse; null for none
 * @param standard whether it holds where the text names no style of its kind
 */
public record Style(
        String id,
        String name,
        Kind kind,
        @Nullable String basedOn,
        @Nullable String linked,
        boolean standard,
        PropertySet paragraph,
        PropertySet character) {
    /** What a style formats. */
    public enum Kind {
        PARAGRAPH,
        CHARACTER,
        TABLE,
        NUMBERING
    }
}
