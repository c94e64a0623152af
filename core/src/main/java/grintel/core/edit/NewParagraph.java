package grintel.core.edit;

import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A paragraph that is not in the paper yet.
 *
 * @param style id of its style, or null for the standard one
 * @param direct what it says itself
 */
public record NewParagraph(@Nullable String style, PropertySet direct, List<NewRun> runs) implements NewBlock {
    public NewParagraph {
        runs = List.copyOf(runs);
    }

    /** A paragraph of plain words. */
    public static NewParagraph of(@Nullable String style, PropertySet direct, String words) {
        return new NewParagraph(
                style,
                direct,
                words.isEmpty() ? List.of() : List.of(new NewRun(new Piece.Words(words), PropertySet.empty())));
    }

    /** This paragraph saying something of a property itself. */
    public NewParagraph with(Property<?> property, Object value) {
        return new NewParagraph(style, direct.with(property, value), runs);
    }

    @Override
    public List<NewParagraph> paragraphs() {
        return List.of(this);
    }

    /** Its characters. */
    public String characters() {
        return Piece.characters(runs.stream().map(NewRun::piece).toList());
    }

    /**
     * A piece with formatting of its own.
     *
     * @param direct what the run says itself
     */
    public record NewRun(Piece piece, PropertySet direct) {}
}
