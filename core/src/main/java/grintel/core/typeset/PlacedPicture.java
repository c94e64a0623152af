package grintel.core.typeset;

import grintel.core.paper.ParagraphAddress;

/**
 * A picture on a page, in millipoints from the sheet's top left corner (from line and column, while a paragraph is not
 * yet on a page).
 *
 * @param target name of the part with the image
 * @param paragraph the paragraph it belongs to
 */
public record PlacedPicture(
        int x, int y, int width, int height, String target, String alternative, ParagraphAddress paragraph) {
    PlacedPicture movedBy(int dx, int dy) {
        return new PlacedPicture(x + dx, y + dy, width, height, target, alternative, paragraph);
    }
}
