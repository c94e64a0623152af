package grintel.core.typeset;

import grintel.core.paper.Story;

/** Where on a page a line stands. */
public enum PagePart {
    HEADER,
    TEXT,
    NOTE,
    BOX,
    FOOTER;

    /**
     * The part in which places in a story are told. Text of other files stands among the text, but is counted by itself
     * as that in boxes is.
     */
    public static PagePart of(Story story) {
        return switch (story.kind()) {
            case TEXT -> TEXT;
            case HEADER -> HEADER;
            case FOOTER -> FOOTER;
            case FOOTNOTE, ENDNOTE -> NOTE;
            case TEXT_BOX -> BOX;
        };
    }
}
