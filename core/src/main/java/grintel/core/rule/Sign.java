package grintel.core.rule;

import grintel.core.guide.value.Worded;

/** The sign a corrector draws, each for one kind of correction (after ISO 5776). */
public enum Sign implements Worded {
    ROMAN,
    ITALIC,
    RING,
    CLOSE_UP,
    CLOSE_GAP,
    MOVE_RIGHT,
    MOVE_LEFT,
    CENTRE,
    RAGGED,
    RUN_ON,
    NEW_PARAGRAPH,
    NEW_PAGE,
    PITCH,
    TAKE_OUT,
    REPLACE,
    MOVE_EDGE,
    PAGE
}
