package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.decimal;
import static grintel.core.guide.value.ValueTypes.length;
import static grintel.core.guide.value.ValueTypes.whole;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import java.util.List;

/** What is asked of quotations, lists and marks in the text. */
public final class TextDemands {
    public static final Value<Integer> WORDS =
            Value.optional("words", whole(1, 1000), "the first count of words that is set off as a block");
    public static final Value<Integer> LINES =
            Value.optional("lines", whole(1, 100), "the first count of lines, as laid out, that is set off as a block");
    public static final Value<Integer> VERSE_LINES = Value.optional(
            "verse-lines", whole(1, 100), "the first count of lines of verse that is set off as a block");
    public static final Value<Length> INDENT =
            Value.needed("indent", length("0 in", "2 in"), "from the left margin to a block quotation");
    public static final Value<Double> MULTIPLE = Value.of("multiple", decimal(0.8, 4), 2.0, "its line spacing");
    public static final Value<Gap> GAP = Value.of("gap", word(Gap.class), Gap.NONE, "what stands above and below it");

    static final List<Demand> ALL = List.of(
            Demand.asks("text.quotation-long", WORDS, LINES, VERSE_LINES),
            Demand.apparatus("text.quotation-form", INDENT, MULTIPLE, GAP),
            Demand.asks("text.quotation-short"),
            Demand.apparatus("text.dashes"),
            Demand.asks("text.mangled-marks"),
            Demand.apparatus("text.lists"),
            Demand.looks("text.links"));

    private TextDemands() {}
}
