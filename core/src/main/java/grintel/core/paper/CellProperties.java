package grintel.core.paper;

import java.util.List;

/** The properties of a table's cell (ISO 29500-1 §17.4.70). Lengths are twips. */
public final class CellProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.CELL);

    public static final Property<Width> WIDTH = FAMILY.value("width", Width.class, Width.AUTO);

    /** Columns of the grid the cell takes, at least 1. */
    public static final Property<Integer> SPAN = FAMILY.value("span", Integer.class, 1);

    /** It only goes on with the cell above (§17.4.85). */
    public static final Property<Boolean> CONTINUES_ABOVE = FAMILY.flag("continues-above", false);

    public static final Property<Integer> MARGIN_TOP = FAMILY.value("margin-top", Integer.class, 0);
    public static final Property<Integer> MARGIN_RIGHT = FAMILY.value("margin-right", Integer.class, 108);
    public static final Property<Integer> MARGIN_BOTTOM = FAMILY.value("margin-bottom", Integer.class, 0);
    public static final Property<Integer> MARGIN_LEFT = FAMILY.value("margin-left", Integer.class, 108);
    public static final Property<Border> BORDER_TOP = FAMILY.value("border-top", Border.class, Border.NONE);
    public static final Property<Border> BORDER_RIGHT = FAMILY.value("border-right", Border.class, Border.NONE);
    public static final Property<Border> BORDER_BOTTOM = FAMILY.value("border-bottom", Border.class, Border.NONE);
    public static final Property<Border> BORDER_LEFT = FAMILY.value("border-left", Border.class, Border.NONE);

    /** Between the rows, or columns, of the cells a part of a table style is for; a cell itself has no inside. */
    public static final Property<Border> BORDER_INSIDE_ACROSS =
            FAMILY.value("border-inside-across", Border.class, Border.NONE);

    public static final Property<Border> BORDER_INSIDE_DOWN =
            FAMILY.value("border-inside-down", Border.class, Border.NONE);
    public static final Property<Colour> SHADING = FAMILY.value("shading", Colour.class, Colour.AUTO);
    public static final Property<Table.Vertical> VERTICAL =
            FAMILY.value("vertical", Table.Vertical.class, Table.Vertical.TOP);

    /** Every cell property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private CellProperties() {}
}
