package grintel.core.paper;

/**
 * A comment beside the text; where it stands is told by the {@link Inline.Edge}s of its id.
 *
 * @param text its paragraphs with line feeds between
 */
public record Comment(String id, String author, String text) {}
