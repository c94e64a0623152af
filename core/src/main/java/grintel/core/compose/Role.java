package grintel.core.compose;

/** What a paragraph of a composed paper is, and the style it has in the file. */
enum Role {
    /** What all others build on; nothing is set in it. */
    BASE("Normal", "Normal", "Normal"),
    TEXT("BodyText", "Body Text", "BodyText"),
    HEADER("Header", "header", "Header"),
    FOOTER("Footer", "footer", "Footer"),
    OPENING_LINE("OpeningLine", "Opening Line", "OpeningLine"),
    TITLE("Title", "Title", "BodyText"),
    ABSTRACT_LABEL("AbstractLabel", "Abstract Label", "Abstract"),
    ABSTRACT("Abstract", "Abstract", "Abstract"),
    KEYWORDS("Keywords", "Keywords", "BodyText"),
    AUTHOR_NOTE_LABEL("AuthorNoteLabel", "Author Note Label", "BodyText"),
    QUOTATION("BlockQuotation", "Block Quotation", "BodyText"),
    LIST_ITEM("ListItem", "List Item", "ListItem"),
    NOTE("NoteText", "footnote text", "NoteText"),
    OBJECT_NUMBER("ObjectNumber", "Table or Figure Number", "ObjectTitle"),
    OBJECT_TITLE("ObjectTitle", "Table or Figure Title", "BodyText"),
    OBJECT_NOTE("ObjectNote", "Table or Figure Note", "BodyText"),
    PICTURE("Picture", "Picture", "BodyText"),
    CELL("TableCell", "Table Cell", "TableCell"),
    SOURCES_LABEL("SourcesLabel", "Sources Label", "Entry"),
    ENTRY("Entry", "Entry", "Entry"),
    APPENDIX_LABEL("AppendixLabel", "Appendix Label", "AppendixTitle"),
    APPENDIX_TITLE("AppendixTitle", "Appendix Title", "BodyText");

    private final String id;
    private final String name;
    private final String next;

    Role(String id, String name, String next) {
        this.id = id;
        this.name = name;
        this.next = next;
    }

    /** Id of the style. */
    String id() {
        return id;
    }

    /** The name a writer sees. */
    String styleName() {
        return name;
    }

    /** Id of the style of what is typed after it. */
    String next() {
        return next;
    }

    /** Id of the style of the headings of a level, counted from 1. */
    static String heading(int level) {
        return "Heading" + level;
    }
}
