package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import java.util.List;

/**
 * A paragraph broken into lines for a column's width.
 *
 * @param lines at least one
 * @param squeezed whether its indents left less than a line can be set in
 */
record SetParagraph(Stacked.Text text, List<SetLine> lines, List<Content.Floating> floats, boolean squeezed) {
    /** The paragraph whose formatting holds. */
    Paragraph paragraph() {
        return text.paragraph();
    }

    int height() {
        int height = 0;
        for (SetLine line : lines) {
            height += line.height();
        }
        return height;
    }
}
