package grintel.core.guide;

import grintel.core.guide.value.Worded;

/** How much a guide makes of a rule. */
public enum Weight implements Worded {
    REQUIRED,
    ADVISED,
    NOT_ASKED
}
