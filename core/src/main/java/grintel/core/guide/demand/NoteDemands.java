package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.decimal;
import static grintel.core.guide.value.ValueTypes.length;
import static grintel.core.guide.value.ValueTypes.size;
import static grintel.core.guide.value.ValueTypes.text;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of notes. */
public final class NoteDemands {
    public static final Value<Kind> KIND = Value.of("kind", word(Kind.class), Kind.EITHER, "where notes stand");
    public static final Value<Length> INDENT =
            Value.needed("indent", length("0 in", "2 in"), "from the margin to the first line of a note");
    public static final Value<Gap> GAP = Value.needed("gap", word(Gap.class), "what stands between two notes");
    public static final Value<Double> MULTIPLE =
            Value.needed("multiple", decimal(0.8, 4), "line spacing inside a note");
    public static final Value<Integer> SIZE = Value.needed("size", size(), "size that put right sets");
    public static final Value<Integer> MIN_SIZE = Value.optional("min-size", size(), "least size that is met");
    public static final Value<String> LABEL = Value.needed("label", text(), "the words over a page of notes");
    public static final Value<Place> PLACE =
            Value.of("place", word(Place.class), Place.AFTER_SOURCES, "where a page of notes stands");

    static final List<Demand> ALL = List.of(
            Demand.asks("notes.kind", KIND),
            Demand.looks("notes.first-line", INDENT),
            Demand.looks("notes.gap", GAP),
            Demand.looks("notes.spacing", MULTIPLE),
            Demand.looks("notes.type", SIZE, MIN_SIZE),
            Demand.apparatus("notes.number"),
            Demand.apparatus("notes.page", LABEL, PLACE));

    private NoteDemands() {}

    /** Where notes stand. */
    public enum Kind implements Worded {
        FOOTNOTES,
        ENDNOTES,
        EITHER
    }
}
