package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** Which words of a title are capitalised. */
public enum Casing implements Worded {
    TITLE,
    SENTENCE,
    ANY
}
