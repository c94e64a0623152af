package grintel.core.structure;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;

/** What a part of a paper is. */
public enum PartKind {
    // ---- what holds other parts

    PAPER,
    TITLE_PAGE,
    /** The lines over the title that stand in for a title page. */
    HEADING_LINES,
    /** What a title page says of its authors at its foot. */
    AUTHOR_NOTE,
    ABSTRACT,
    /** The text, from the title over it to the back matter. */
    BODY,
    /** A heading and all that stands under it. */
    SECTION,
    LIST,
    /** A table with its number, title and notes. */
    TABLE,
    /** A picture with its number, title and notes. */
    FIGURE,
    /** A page of notes at the end. */
    NOTES_PAGE,
    /** The list of sources. */
    SOURCES,
    APPENDIX,

    // ---- what names the paper and its writer

    TITLE,
    SUBTITLE,
    AUTHOR,
    DEPARTMENT,
    INSTITUTION,
    COURSE,
    CLASS_PERIOD,
    INSTRUCTOR,
    ASSIGNMENT,
    DATE,
    /** A line of the opening that names nothing known. */
    OPENING_LINE,

    // ---- paragraphs

    BLANK,
    AUTHOR_NOTE_LABEL,
    AUTHOR_NOTE_TEXT,
    ABSTRACT_LABEL,
    ABSTRACT_TEXT,
    KEYWORDS,
    EPIGRAPH,
    HEADING,
    PARAGRAPH,
    /** A paragraph that goes on after something set off from it. */
    CONTINUATION,
    BLOCK_QUOTATION,
    LIST_ITEM,
    CODE,
    FORMULA,
    CAPTION_NUMBER,
    CAPTION_TITLE,
    /** What stands in the cells of a table. */
    GRID,
    PICTURE,
    /** A note under a table or a figure. */
    CAPTION_NOTE,
    NOTES_LABEL,
    NOTE,
    SOURCES_LABEL,
    ENTRY,
    APPENDIX_LABEL,
    APPENDIX_TITLE,
    /** Not known: looked at by no rule that is about a kind of part. */
    UNKNOWN,

    // ---- spans of a paragraph

    RUN_IN_HEADING,
    CITATION,
    /** The sign that calls a note. */
    NOTE_MARK,
    /** Words that name a table, a figure or an appendix. */
    MENTION;

    private static final Set<PartKind> OPENING = EnumSet.range(TITLE, OPENING_LINE);
    private static final Set<PartKind> OF_OBJECT =
            EnumSet.of(CAPTION_NUMBER, CAPTION_TITLE, GRID, PICTURE, CAPTION_NOTE);

    /** What the writer can say a paragraph is, in the order in which they stand in a paper. */
    public static final Set<PartKind> CORRECTABLE = Collections.unmodifiableSet(EnumSet.of(
            TITLE,
            SUBTITLE,
            AUTHOR,
            DEPARTMENT,
            INSTITUTION,
            COURSE,
            CLASS_PERIOD,
            INSTRUCTOR,
            ASSIGNMENT,
            DATE,
            AUTHOR_NOTE_LABEL,
            AUTHOR_NOTE_TEXT,
            ABSTRACT_LABEL,
            ABSTRACT_TEXT,
            KEYWORDS,
            EPIGRAPH,
            HEADING,
            PARAGRAPH,
            CONTINUATION,
            BLOCK_QUOTATION,
            LIST_ITEM,
            CODE,
            CAPTION_NUMBER,
            CAPTION_TITLE,
            CAPTION_NOTE,
            NOTES_LABEL,
            NOTE,
            SOURCES_LABEL,
            ENTRY,
            APPENDIX_LABEL,
            APPENDIX_TITLE));

    /** Whether it names the paper, its writer or what it is written for. */
    public boolean isOfOpening() {
        return OPENING.contains(this);
    }

    /** Whether it belongs to a table or a figure. */
    public boolean isOfObject() {
        return OF_OBJECT.contains(this);
    }

    /** Whether it labels a part that starts a page of its own. */
    public boolean startsPage() {
        return this == ABSTRACT_LABEL || this == SOURCES_LABEL || this == APPENDIX_LABEL || this == NOTES_LABEL;
    }
}
