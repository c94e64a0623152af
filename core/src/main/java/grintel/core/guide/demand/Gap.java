package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** What parts two blocks beside their line spacing. */
public enum Gap implements Worded {
    NONE,
    ONE_LINE
}
