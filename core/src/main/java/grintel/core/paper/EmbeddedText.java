package grintel.core.paper;

import java.util.List;

/**
 * Text that stands in a file as a piece of another format (ISO 29500-1 §17.17.2.1) and becomes text of the paper's own
 * only when a program next saves it. It is set and counted, and no edit touches it.
 *
 * @param paragraphs a story of their own
 */
public record EmbeddedText(List<Paragraph> paragraphs) implements Block {
    public EmbeddedText {
        paragraphs = List.copyOf(paragraphs);
    }
}
