package grintel.core.typeset;

import grintel.core.paper.Inline;

/**
 * What the live fields show on one page.
 *
 * @param page the page's number as printed
 * @param pages how many pages the paper has
 * @param sectionPages how many pages its section has
 */
record FieldValues(String page, String pages, String sectionPages) {
    /** Stands in while pages are not yet counted; as wide as most numbers are. */
    static final FieldValues UNCOUNTED = new FieldValues("1", "1", "1");

    String value(Inline.Field field) {
        return switch (field.kind()) {
            case PAGE -> page;
            case PAGE_COUNT -> pages;
            case SECTION_PAGE_COUNT -> sectionPages;
        };
    }
}
