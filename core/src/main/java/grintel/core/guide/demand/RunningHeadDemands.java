package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.whole;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import grintel.core.guide.value.Worded;
import java.util.List;

/** What is asked of header, footer and page number. */
public final class RunningHeadDemands {
    public static final Value<NumberPlace> PLACE =
            Value.needed("place", word(NumberPlace.class), "where the page number stands");
    public static final Value<Integer> START = Value.needed("start", whole(0, 999), "the first number");
    public static final Value<NumberedFrom> FROM =
            Value.of("from", word(NumberedFrom.class), NumberedFrom.FIRST_PAGE, "the page that bears the first number");
    public static final Value<Words> CONTENT =
            Value.needed("content", word(Words.class), "the words of the header beside the number");
    public static final Value<WordsPlace> WORDS_PLACE =
            Value.of("words-place", word(WordsPlace.class), WordsPlace.BY_NUMBER, "where those words stand");
    public static final Value<Labelled> PAGES =
            Value.needed("pages", word(Labelled.class), "the pages whose header opens with the words Running head");
    public static final Value<Integer> CHARACTERS =
            Value.needed("characters", whole(1, 500), "most characters of the short title, spaces counted");
    public static final Value<FirstPage> FIRST_PAGE =
            Value.needed("first-page", word(FirstPage.class), "the header of the first page");

    static final List<Demand> ALL = List.of(
            Demand.apparatus("running-head.number"),
            Demand.apparatus("running-head.number-live"),
            Demand.looks("running-head.number-place", PLACE),
            Demand.looks("running-head.number-start", START, FROM),
            Demand.apparatus("running-head.text", CONTENT, WORDS_PLACE),
            Demand.apparatus("running-head.label", PAGES),
            Demand.asks("running-head.length", CHARACTERS),
            Demand.looks("running-head.first-page", FIRST_PAGE),
            Demand.looks("running-head.type"),
            Demand.looks("running-head.padding"),
            Demand.looks("running-head.sections"),
            Demand.asks("running-head.footer"));

    private RunningHeadDemands() {}

    /** Where a page number stands. */
    public enum NumberPlace implements Worded {
        TOP_RIGHT,
        BOTTOM_CENTRE,
        /** At the one or the other. */
        EITHER
    }

    /** Where numbering begins. */
    public enum NumberedFrom implements Worded {
        FIRST_PAGE,
        /** The first page after a title page. */
        TEXT
    }

    /** What stands beside the number. */
    public enum Words implements Worded {
        NONE,
        SURNAME,
        SHORT_TITLE
    }

    /** Where the words stand. */
    public enum WordsPlace implements Worded {
        /** Right before the number. */
        BY_NUMBER,
        /** At the left margin, the number at the right one. */
        LEFT
    }

    /** Which pages bear the label. */
    public enum Labelled implements Worded {
        NONE,
        FIRST
    }

    /** The header of the first page. */
    public enum FirstPage implements Worded {
        /** That of all pages. */
        SAME,
        NONE,
        /** None on a title page; that of all pages where the paper has no title page. */
        NONE_ON_TITLE_PAGE
    }
}
