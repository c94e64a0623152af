package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.edit.WordChange;
import grintel.core.edit.WordLedger;
import grintel.core.guide.demand.FixClass;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What puts some places of a reading right. */
public final class Fix {
    /** No fix at all. */
    public static final Fix NOTHING = new Fix(FixClass.NONE, List.of(), null);

    private final FixClass fixClass;
    private final List<Edit> edits;
    private final @Nullable WordLedger before;

    private Fix(FixClass fixClass, List<Edit> edits, @Nullable WordLedger before) {
        this.fixClass = fixClass;
        this.edits = List.copyOf(edits);
        this.before = before;
    }

    /** @param before the words of the paper the edits are made to */
    static Fix of(FixClass fixClass, List<Edit> edits, WordLedger before) {
        return new Fix(fixClass, edits, before);
    }

    /** How far it goes: the furthest of its places. */
    public FixClass fixClass() {
        return fixClass;
    }

    public List<Edit> edits() {
        return edits;
    }

    /** The words its edits change, worked out anew with each call; none where it is of looks alone. */
    public List<WordChange> words() {
        return before == null ? List.of() : before.changes(edits);
    }

    public boolean isEmpty() {
        return edits.isEmpty();
    }
}
