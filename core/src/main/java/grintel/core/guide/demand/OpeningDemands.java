package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.flag;
import static grintel.core.guide.value.ValueTypes.list;
import static grintel.core.guide.value.ValueTypes.whole;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of title page, heading lines, title and abstract. */
public final class OpeningDemands {
    public static final Value<Boolean> TITLE_PAGE =
            Value.needed("present", flag(), "whether the paper has a title page");
    public static final Value<List<Element>> PARTS =
            Value.needed("parts", list(word(Element.class)), "what stands on the title page, in order");
    public static final Value<Boldness> BOLD =
            Value.of("bold", word(Boldness.class), Boldness.PLAIN, "whether the title is bold");
    public static final Value<CaseStyle> CASE_STYLE =
            Value.needed("style", word(CaseStyle.class), "by whose rules title case goes");
    public static final Value<List<Element>> LINES =
            Value.needed("lines", list(word(Element.class)), "the heading lines, in order");
    public static final Value<DateOrder> ORDER =
            Value.of("order", word(DateOrder.class), DateOrder.EITHER, "order of day, month and year");
    public static final Value<Boolean> ABSTRACT = Value.needed("present", flag(), "whether the paper has an abstract");
    public static final Value<Boldness> LABEL_BOLD =
            Value.of("label-bold", word(Boldness.class), Boldness.BOLD, "whether its label is bold");
    public static final Value<Integer> MIN_WORDS =
            Value.optional("min-words", whole(0, 10000), "fewest words of an abstract");
    public static final Value<Integer> MAX_WORDS =
            Value.optional("max-words", whole(1, 10000), "most words of an abstract");

    static final List<Demand> ALL = List.of(
            Demand.asks("opening.title-page", TITLE_PAGE),
            Demand.asks("opening.title-page-parts", PARTS),
            Demand.looks("opening.title-height"),
            Demand.looks("opening.title-gap"),
            Demand.looks("opening.title-form", BOLD),
            Demand.asks("opening.title-case", CASE_STYLE),
            Demand.asks("opening.heading-block", LINES),
            Demand.apparatus("opening.date-form", ORDER),
            Demand.asks("opening.byline"),
            Demand.apparatus("opening.text-title"),
            Demand.looks("opening.new-pages"),
            Demand.looks("opening.abstract", ABSTRACT, LABEL_BOLD, MIN_WORDS, MAX_WORDS),
            Demand.apparatus("opening.keywords"),
            Demand.looks("opening.author-note"));

    private OpeningDemands() {}

    /** What a title page or a heading line names. */
    public enum Element implements Worded {
        TITLE,
        AUTHOR,
        INSTITUTION,
        DEPARTMENT,
        /** Department and institution on one line. */
        AFFILIATION,
        COURSE,
        CLASS_PERIOD,
        INSTRUCTOR,
        ASSIGNMENT,
        DATE,
        AUTHOR_NOTE
    }

    /** How a date goes. */
    public enum DateOrder implements Worded {
        MONTH_DAY_YEAR,
        DAY_MONTH_YEAR,
        EITHER
    }
}
