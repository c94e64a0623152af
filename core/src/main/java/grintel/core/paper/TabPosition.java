package grintel.core.paper;

/**
 * Where the text after a positional tab stands (ISO 29500-1 §17.3.3.23).
 *
 * @param toMargins whether it is counted from the margins, else from the indents
 */
public record TabPosition(TabStops.Kind kind, boolean toMargins, TabStops.Leader leader) {}
