package grintel.core.guide.value;

import java.util.Locale;

/** A constant of a closed list, for enums, that files and reports write as a word. */
public interface Worded {
    /** Its name in the code. */
    String name();

    /** The word, in lower case with hyphens. */
    default String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
