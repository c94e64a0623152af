package grintel.core.paper;

/**
 * One continuous run of paragraphs in a paper: its text, a header, a note.
 *
 * @param id what tells stories of one kind apart: the name of a header's part, the id of a note; empty for the text
 */
public record Story(Kind kind, String id) {
    /** The text itself. */
    public static final Story TEXT = new Story(Kind.TEXT, "");

    /** The kinds of story. */
    public enum Kind {
        TEXT,
        HEADER,
        FOOTER,
        FOOTNOTE,
        ENDNOTE,
        TEXT_BOX;

        public boolean isNote() {
            return this == FOOTNOTE || this == ENDNOTE;
        }
    }
}
