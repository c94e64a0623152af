package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.WordChange;
import grintel.core.guide.demand.FixClass;
import java.util.List;

/**
 * What puts some places of a reading right.
 *
 * @param fixClass how far it goes: the furthest of its places
 * @param words the words its edits change; none where it is of looks alone
 */
public record Fix(FixClass fixClass, List<Edit> edits, List<WordChange> words) {
    /** No fix at all. */
    public static final Fix NOTHING = new Fix(FixClass.NONE, List.of(), List.of());

    public Fix {
        edits = List.copyOf(edits);
        words = List.copyOf(words);
    }

    public boolean isEmpty() {
        return edits.isEmpty();
    }
}
