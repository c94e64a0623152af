package grintel.core.paper;

import java.util.List;

/** The properties of a table's row (ISO 29500-1 §17.4.82). Lengths are twips. */
public final class RowProperties {
    private static final PropertyFamily FAMILY = new PropertyFamily(Property.Family.ROW);

    /** Height asked for, 0 for none. */
    public static final Property<Integer> HEIGHT = FAMILY.value("height", Integer.class, 0);

    /** The height holds whatever stands in the row. */
    public static final Property<Boolean> EXACT = FAMILY.flag("exact", false);

    /** Columns of the grid left out before the first cell. */
    public static final Property<Integer> SKIPPED = FAMILY.value("skipped", Integer.class, 0);

    /** A head that stands again on each page (§17.4.78). */
    public static final Property<Boolean> REPEATS = FAMILY.flag("repeats", false);

    /** It may not break over pages (§17.4.6). */
    public static final Property<Boolean> STAYS_WHOLE = FAMILY.flag("stays-whole", false);

    /** Every row property, in the order of their ordinals. */
    public static final List<Property<?>> ALL = FAMILY.all();

    private RowProperties() {}
}
