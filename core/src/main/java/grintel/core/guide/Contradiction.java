package grintel.core.guide;

import grintel.core.guide.value.Worded;

/** What cannot be met at once, or is asked in vain. */
public enum Contradiction implements Worded {
    SHORT_TITLE_MEASURED_BUT_NOT_SHOWN,
    LABEL_WITHOUT_WORDS,
    LABEL_ON_A_PAGE_WITHOUT_HEADER,
    TITLE_PAGE_LINES_WITHOUT_TITLE_PAGE,
    HEADING_LINES_BESIDE_TITLE_PAGE,
    NUMBERS_FROM_TEXT_WITHOUT_TITLE_PAGE,
    ABSTRACT_LIMITS,
    SIZE_LIMITS,
    FACE_WITHOUT_SIZE,
    HEADER_IN_THE_TEXT,
    NO_ROOM_FOR_TEXT,
    NOTES_PAGE_FOR_FOOTNOTES
}
