package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.decimal;
import static grintel.core.guide.value.ValueTypes.length;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of lines, gaps and indents. */
public final class SpacingDemands {
    public static final Value<Double> MULTIPLE =
            Value.needed("multiple", decimal(0.8, 4), "baseline to baseline, in lines of the type itself");
    public static final Value<Length> BEFORE =
            Value.needed("before", length("0 pt", "72 pt"), "space before a paragraph");
    public static final Value<Length> AFTER = Value.needed("after", length("0 pt", "72 pt"), "space after a paragraph");
    public static final Value<AroundTitle> AROUND_TITLE = Value.of(
            "around-title", word(AroundTitle.class), AroundTitle.JUDGED, "whether space around the title is judged");
    public static final Value<Alignment> ALIGNMENT =
            Value.needed("alignment", word(Alignment.class), "how the lines of the text stand");
    public static final Value<Length> INDENT =
            Value.needed("indent", length("0 in", "2 in"), "from the margin to the first letter of a paragraph");
    public static final Value<Widows> CONTROL =
            Value.of("control", word(Widows.class), Widows.ANY, "single lines at the ends of pages");

    static final List<Demand> ALL = List.of(
            Demand.looks("spacing.line", MULTIPLE),
            Demand.looks("spacing.paragraph-gap", BEFORE, AFTER, AROUND_TITLE),
            Demand.looks("spacing.blank-paragraphs", AROUND_TITLE),
            Demand.looks("spacing.alignment", ALIGNMENT),
            Demand.looks("spacing.first-line", INDENT),
            Demand.looks("spacing.space-bar-indent"),
            Demand.asks("spacing.line-breaks"),
            Demand.looks("spacing.hyphenation"),
            Demand.looks("spacing.sentence-gap"),
            Demand.looks("spacing.widows", CONTROL),
            Demand.looks("spacing.page-push"));

    private SpacingDemands() {}

    /** How space around the title counts. */
    public enum AroundTitle implements Worded {
        JUDGED,
        FREE
    }

    /** How lines stand between the margins. */
    public enum Alignment implements Worded {
        LEFT,
        JUSTIFIED
    }

    /** What is done about single lines at the ends of pages. */
    public enum Widows implements Worded {
        KEEP,
        LOOSE,
        ANY
    }
}
