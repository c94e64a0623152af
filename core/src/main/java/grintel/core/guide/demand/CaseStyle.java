package grintel.core.guide.demand;

import grintel.core.guide.value.Worded;

/** By whose rules title case goes. */
public enum CaseStyle implements Worded {
    APA,
    MLA,
    CHICAGO
}
