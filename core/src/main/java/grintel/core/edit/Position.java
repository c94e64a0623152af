package grintel.core.edit;

import grintel.core.paper.ParagraphAddress;

/** A place before or after a paragraph. */
public record Position(ParagraphAddress paragraph, boolean before) {
    public static Position before(ParagraphAddress paragraph) {
        return new Position(paragraph, true);
    }

    public static Position after(ParagraphAddress paragraph) {
        return new Position(paragraph, false);
    }
}
