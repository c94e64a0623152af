package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.length;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.guide.value.ValueType;
import java.util.List;

/** What is asked of the sheet. */
public final class SheetDemands {
    private static final ValueType<Length> SIDE = length("2 in", "60 in");
    private static final ValueType<Length> MARGIN = length("0 in", "5 in");

    public static final Value<Length> WIDTH = Value.needed("width", SIDE, "width of the sheet as it stands upright");
    public static final Value<Length> HEIGHT = Value.needed("height", SIDE, "its height");
    public static final Value<Length> TOP = Value.needed("top", MARGIN, "the margin at the top");
    public static final Value<Length> RIGHT = Value.needed("right", MARGIN, "the margin at the right");
    public static final Value<Length> BOTTOM = Value.needed("bottom", MARGIN, "the margin at the bottom");
    public static final Value<Length> LEFT =
            Value.needed("left", MARGIN, "the margin at the left, room for binding counted in");
    public static final Value<Length> MOST =
            Value.optional("most", MARGIN, "a wider margin up to this one is met as well");
    public static final Value<Length> HEADER =
            Value.needed("header", MARGIN, "from the upper edge of the sheet to the header");

    static final List<Demand> ALL = List.of(
            Demand.looks("sheet.size", WIDTH, HEIGHT),
            Demand.looks("sheet.orientation"),
            Demand.looks("sheet.margins", TOP, RIGHT, BOTTOM, LEFT, MOST),
            Demand.looks("sheet.columns"),
            Demand.looks("sheet.header-distance", HEADER));

    private SheetDemands() {}
}
