package grintel.core.structure;

/** A stretch of a paper, from one landmark to the next. */
enum Zone {
    /** What stands before the text. */
    OPENING,
    BODY,
    NOTES,
    SOURCES,
    APPENDIX;

    /** Whether what stands in it is made up as the text is: headings, paragraphs, quotations. */
    boolean isText() {
        return this == BODY || this == APPENDIX;
    }
}
