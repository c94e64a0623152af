package grintel.core.typeset;

/** Where on a page a line stands. */
public enum PagePart {
    HEADER,
    TEXT,
    NOTE,
    BOX,
    FOOTER
}
