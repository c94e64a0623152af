package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of figures. */
public final class FigureDemands {
    public static final Value<CaptionForm> NUMBER =
            Value.needed("label", CaptionForm.TYPE, "the form of a figure's number");
    public static final Value<CaptionForm> TITLE =
            Value.needed("title", CaptionForm.TYPE, "the form of a figure's title");
    public static final Value<Side> CAPTION =
            Value.needed("caption", word(Side.class), "the side of the picture on which its caption stands");
    public static final Value<CaptionForm> NOTE = Value.needed("note", CaptionForm.TYPE, "how a figure's note opens");

    static final List<Demand> ALL = List.of(
            Demand.apparatus("figures.number", NUMBER),
            Demand.looks("figures.title", TITLE),
            Demand.looks("figures.place", CAPTION),
            Demand.apparatus("figures.note", NOTE),
            Demand.looks("figures.width"),
            Demand.own("figures.mention"),
            Demand.own("figures.sharpness"),
            Demand.asks("figures.alternative"));

    private FigureDemands() {}

    /** A side of a picture. */
    public enum Side implements Worded {
        ABOVE,
        BELOW
    }
}
