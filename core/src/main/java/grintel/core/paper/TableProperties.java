package grintel.core.paper;

import grintel.core.paper.ParagraphProperties.Alignment;
import java.util.List;

/** The properties of a table as a whole (ISO 29500-1 §17.4.60). Lengths are twips. */
public final class TableProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.TABLE);

    public static final Property<Width> WIDTH = FAMILY.value("width", Width.class, Width.AUTO);

    /** Columns hold whatever stands in them (§17.4.53). */
    public static final Property<Boolean> FIXED = FAMILY.flag("fixed", false);

    /** Distance of the left edge from the margin. */
    public static final Property<Integer> INDENT = FAMILY.value("indent", Integer.class, 0);

    public static final Property<Alignment> ALIGNMENT = FAMILY.value("alignment", Alignment.class, Alignment.LEFT);

    public static final Property<Border> BORDER_TOP = FAMILY.value("border-top", Border.class, Border.NONE);
    public static final Property<Border> BORDER_RIGHT = FAMILY.value("border-right", Border.class, Border.NONE);
    public static final Property<Border> BORDER_BOTTOM = FAMILY.value("border-bottom", Border.class, Border.NONE);
    public static final Property<Border> BORDER_LEFT = FAMILY.value("border-left", Border.class, Border.NONE);

    /** Between rows. */
    public static final Property<Border> BORDER_INSIDE_ACROSS =
            FAMILY.value("border-inside-across", Border.class, Border.NONE);

    /** Between columns. */
    public static final Property<Border> BORDER_INSIDE_DOWN =
            FAMILY.value("border-inside-down", Border.class, Border.NONE);

    /** White between a cell's edge and its text, where the cell says nothing itself. */
    public static final Property<Integer> MARGIN_TOP = FAMILY.value("margin-top", Integer.class, 0);

    public static final Property<Integer> MARGIN_RIGHT = FAMILY.value("margin-right", Integer.class, 108);
    public static final Property<Integer> MARGIN_BOTTOM = FAMILY.value("margin-bottom", Integer.class, 0);
    public static final Property<Integer> MARGIN_LEFT = FAMILY.value("margin-left", Integer.class, 108);

    /** The conditional parts of the style that are taken (§17.4.55). */
    public static final Property<TableLook> LOOK = FAMILY.value("look", TableLook.class, TableLook.INITIAL);

    /** How many rows, or columns, a band of the style has (§17.7.6.7). */
    public static final Property<Integer> ROWS_IN_BAND = FAMILY.value("rows-in-band", Integer.class, 1);

    public static final Property<Integer> COLUMNS_IN_BAND = FAMILY.value("columns-in-band", Integer.class, 1);

    /** Every table property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private TableProperties() {}
}
