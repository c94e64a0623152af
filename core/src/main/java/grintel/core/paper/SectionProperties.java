package grintel.core.paper;

import java.util.List;

/** The properties of a section (ISO 29500-1 §17.6). Lengths are twips. */
public final class SectionProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.SECTION);

    public static final Property<Integer> PAGE_WIDTH = FAMILY.value("page-width", Integer.class, 12240);
    public static final Property<Integer> PAGE_HEIGHT = FAMILY.value("page-height", Integer.class, 15840);

    /** The sheet lies on its side; width and height are already those of the sheet as it lies (§17.6.13). */
    public static final Property<Boolean> LANDSCAPE = FAMILY.flag("landscape", false);

    /** Negative top and bottom margins fix the text's place whatever the header's height (§17.6.11). */
    public static final Property<Integer> MARGIN_TOP = FAMILY.value("margin-top", Integer.class, 1440);

    public static final Property<Integer> MARGIN_RIGHT = FAMILY.value("margin-right", Integer.class, 1440);
    public static final Property<Integer> MARGIN_BOTTOM = FAMILY.value("margin-bottom", Integer.class, 1440);
    public static final Property<Integer> MARGIN_LEFT = FAMILY.value("margin-left", Integer.class, 1440);
    public static final Property<Integer> GUTTER = FAMILY.value("gutter", Integer.class, 0);
    public static final Property<Integer> HEADER_DISTANCE = FAMILY.value("header-distance", Integer.class, 720);
    public static final Property<Integer> FOOTER_DISTANCE = FAMILY.value("footer-distance", Integer.class, 720);
    public static final Property<Integer> COLUMNS = FAMILY.value("columns", Integer.class, 1);
    public static final Property<Integer> COLUMN_GAP = FAMILY.value("column-gap", Integer.class, 720);

    /** The section's first page has a header and footer of its own (§17.10.6). */
    public static final Property<Boolean> FIRST_PAGE_DIFFERS = FAMILY.flag("first-page-differs", false);

    /** First page number of the section, or -1 to count on (§17.6.12). */
    public static final Property<Integer> PAGE_NUMBER_START = FAMILY.value("page-number-start", Integer.class, -1);

    public static final Property<NumberFormat> PAGE_NUMBER_FORMAT =
            FAMILY.value("page-number-format", NumberFormat.class, NumberFormat.DECIMAL);
    public static final Property<Break> BREAK = FAMILY.value("break", Break.class, Break.NEXT_PAGE);

    /** Every section property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private SectionProperties() {}

    /** Where a section starts (§17.18.77). */
    public enum Break {
        NEXT_PAGE,
        CONTINUOUS,
        EVEN_PAGE,
        ODD_PAGE,
        NEXT_COLUMN
    }
}
