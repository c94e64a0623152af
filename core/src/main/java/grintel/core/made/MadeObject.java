package grintel.core.made;

import grintel.core.edit.NewBlock;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A table or a figure that can be set once its number and its place are known. */
@FunctionalInterface
public interface MadeObject {
    /**
     * The blocks from its number to its last note.
     *
     * @param number as it stands in its label, such as {@code 2} or, in an appendix, {@code A2}
     * @param measure twips from margin to margin where it will stand
     * @param style id of the style its paragraphs have, null for the standard one
     */
    List<NewBlock> blocks(String number, int measure, @Nullable String style);
}
