package grintel.core.paper;

import java.util.List;

/**
 * A footnote or an endnote.
 *
 * @param sign the number or sign that calls it
 */
public record Note(Story story, String sign, List<Block> blocks) {
    public Note {
        blocks = List.copyOf(blocks);
    }

    public List<Paragraph> paragraphs() {
        return Blocks.paragraphs(blocks);
    }
}
