package grintel.core.paper;

/**
 * Which cells of a table a part of its style is for (ISO 29500-1 §17.18.89), in the order in which the parts are laid
 * over each other (§17.7.6).
 */
public enum TableCondition {
    WHOLE,
    ODD_COLUMN_BAND,
    EVEN_COLUMN_BAND,
    ODD_ROW_BAND,
    EVEN_ROW_BAND,
    FIRST_ROW,
    LAST_ROW,
    FIRST_COLUMN,
    LAST_COLUMN,
    TOP_LEFT,
    TOP_RIGHT,
    BOTTOM_LEFT,
    BOTTOM_RIGHT
}
