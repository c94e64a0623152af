package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Frame;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Table;
import java.util.List;

/** What stands one below the other in a column, as {@link Stacker} finds it. */
sealed interface Stacked {
    /**
     * One paragraph, or several that are read as one.
     *
     * @param paragraph what says how it is set: the one whose mark shows
     * @param members in order; mostly the one
     * @param frames what stands beside the flow at its upper edge
     */
    record Text(Paragraph paragraph, List<Paragraph> members, List<Framed> frames) implements Stacked {
        static Text of(Paragraph paragraph) {
            return new Text(paragraph, List.of(paragraph), List.of());
        }
    }

    /** A table. */
    record Grid(Table table) implements Stacked {}

    /** Frames that no text follows. */
    record Loose(List<Framed> frames) implements Stacked {}

    /** Neighbouring paragraphs in equal frames (ISO 29500-1 §17.3.1.11). */
    record Framed(Frame frame, List<Paragraph> paragraphs) {
        /** The paragraphs as they stand in the frame. */
        List<Stacked> stacked() {
            return new Stacker(false).stack(paragraphs);
        }
    }

    /** Blocks as they stand in a column. */
    static List<Stacked> of(List<Block> blocks) {
        return new Stacker(true).stack(blocks);
    }
}
