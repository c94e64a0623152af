package grintel.core.rule;

import grintel.core.typeset.PagePart;

/**
 * Where something stands.
 *
 * @param page sheets counted from 1
 * @param paragraph index within the part, -1 where no paragraph is meant
 * @param quote the first words, empty where no words are meant
 */
public record Place(PagePart part, int page, int paragraph, String quote) {
    /** A page as a whole. */
    public static Place ofPage(int page) {
        return new Place(PagePart.TEXT, page, -1, "");
    }
}
