package grintel.core.paper;

import org.jspecify.annotations.Nullable;

/**
 * What characters of a paragraph that stand beside each other have in common.
 *
 * @param number counted from 0 in the paragraph; -1 for what no edit can name, such as a formula
 * @param style the character style that holds, or null
 * @param direct what the run itself says, leaving its styles aside
 * @param link where the hyperlink it stands in leads: an address, {@code #} and a bookmark's name, {@code #} alone where
 *     that cannot be told; empty outside hyperlinks
 * @param revision whether it was inserted or deleted by a tracked change
 */
public record Run(
        int number, @Nullable Style style, PropertySet direct, Formatting format, String link, Revision revision) {
    public boolean linked() {
        return !link.isEmpty();
    }

    /** Whether its characters are hidden. */
    public boolean hidden() {
        return format.get(CharacterProperties.HIDDEN);
    }
}
