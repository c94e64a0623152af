package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** Where a line of its own stands. */
public enum Stand implements Worded {
    LEFT,
    CENTRED,
    /** Set in as the first line of a paragraph is. */
    INDENTED
}
