package grintel.core.typeset;

import grintel.core.paper.ParagraphAddress;
import org.jspecify.annotations.Nullable;

/**
 * A picture on a page, in millipoints from the sheet's top left corner (from line and column, while a paragraph is not
 * yet on a page).
 *
 * @param target name of the part with the image
 * @param standIn what is said in the box that stands for a picture that is not drawn; empty for one that is
 * @param paragraph the paragraph it belongs to
 */
public record PlacedPicture(
        int x,
        int y,
        int width,
        int height,
        String target,
        String alternative,
        String standIn,
        ParagraphAddress paragraph) {
    PlacedPicture movedBy(int dx, int dy) {
        return new PlacedPicture(x + dx, y + dy, width, height, target, alternative, standIn, paragraph);
    }

    /** The same where the image turns out to be none that can be drawn, for a reason said in its place. */
    public PlacedPicture notDrawn(String reason) {
        return new PlacedPicture(x, y, width, height, target, alternative, reason, paragraph);
    }

    /** Whether the image itself is drawn. */
    public boolean isDrawn() {
        return standIn.isEmpty();
    }

    /** The words of the box that stands for the picture, in its middle; null for none, or where there is no room. */
    public @Nullable GlyphRun label() {
        return isDrawn() ? null : StandIn.run(standIn, x, width, height);
    }

    /** The baseline of the label. */
    public int labelBaseline() {
        return y + height / 2;
    }
}
