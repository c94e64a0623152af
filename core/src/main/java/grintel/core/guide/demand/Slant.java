package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** Slant of type. */
public enum Slant implements Worded {
    ITALIC,
    UPRIGHT
}
