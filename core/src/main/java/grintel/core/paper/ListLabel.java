package grintel.core.paper;

/**
 * The number or bullet a list puts before a paragraph.
 *
 * @param text as it stands, such as {@code 2.} or a bullet
 * @param suffix what follows it: a tab, a space or nothing
 */
public record ListLabel(String text, String suffix, NumberFormat numbering, Formatting format) {}
