package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** Where a part at the end of a paper stands. */
public enum Place implements Worded {
    BEFORE_SOURCES,
    AFTER_SOURCES
}
