package grintel.core.structure;

/** What a paragraph of the text is. */
public enum Role {
    BLANK,
    TITLE_PAGE,
    HEADING_BLOCK,
    TITLE,
    ABSTRACT_LABEL,
    ABSTRACT,
    KEYWORDS,
    HEADING,
    TEXT,
    BLOCK_QUOTATION,
    LIST_ITEM,
    TABLE_CELL,
    CAPTION,
    TABLE_NOTE,
    FIGURE,
    NOTES_LABEL,
    NOTES_ENTRY,
    SOURCES_LABEL,
    ENTRY,
    APPENDIX_LABEL,
    APPENDIX_TITLE,
    APPENDIX_TEXT;

    /** Whether parts of this kind start a page of their own. */
    public boolean startsPage() {
        return this == ABSTRACT_LABEL || this == SOURCES_LABEL || this == APPENDIX_LABEL || this == NOTES_LABEL;
    }
}
