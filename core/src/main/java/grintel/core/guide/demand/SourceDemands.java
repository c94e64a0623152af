package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.decimal;
import static grintel.core.guide.value.ValueTypes.length;
import static grintel.core.guide.value.ValueTypes.list;
import static grintel.core.guide.value.ValueTypes.text;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of the list of sources. */
public final class SourceDemands {
    public static final Value<List<String>> WORDS =
            Value.needed("words", list(text()), "its label; a second one is that of a list with one entry");
    public static final Value<Boldness> BOLD =
            Value.of("bold", word(Boldness.class), Boldness.PLAIN, "whether its label is bold");
    public static final Value<Length> INDENT =
            Value.needed("indent", length("0 in", "2 in"), "from the margin to the later lines of an entry");
    public static final Value<Double> MULTIPLE =
            Value.needed("multiple", decimal(0.8, 4), "line spacing inside an entry");
    public static final Value<Gap> GAP = Value.needed("gap", word(Gap.class), "what stands between two entries");
    public static final Value<Look> LOOK = Value.of("look", word(Look.class), Look.TEXT, "how links look");
    public static final Value<Range> RANGES =
            Value.of("mark", word(Range.class), Range.EN_DASH, "the mark in a range of numbers");

    static final List<Demand> ALL = List.of(
            Demand.own("sources.list"),
            Demand.apparatus("sources.label", WORDS, BOLD),
            Demand.looks("sources.new-page"),
            Demand.apparatus("sources.order"),
            Demand.looks("sources.hanging", INDENT),
            Demand.looks("sources.spacing", MULTIPLE, GAP),
            Demand.asks("sources.entry-breaks"),
            Demand.looks("sources.links", LOOK),
            Demand.asks("sources.italics"),
            Demand.apparatus("sources.ranges", RANGES),
            Demand.own("sources.cited"));

    private SourceDemands() {}

    /** How a link looks. */
    public enum Look implements Worded {
        /** As the text around it. */
        TEXT,
        /** In any way, if all are alike. */
        ANY
    }

    /** The mark between two numbers. */
    public enum Range implements Worded {
        EN_DASH,
        /** A hyphen is met as well. */
        EITHER
    }
}
