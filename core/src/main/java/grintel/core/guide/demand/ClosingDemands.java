package grintel.core.guide.demand;

import static grintel.core.guide.value.ValueTypes.flag;
import static grintel.core.guide.value.ValueTypes.text;
import static grintel.core.guide.value.ValueTypes.whole;
import static grintel.core.guide.value.ValueTypes.word;

import grintel.core.guide.value.Value;
import java.util.List;

/** What is asked of appendices, and of the file that is handed in. */
public final class ClosingDemands {
    public static final Value<Boldness> BOLD =
            Value.of("bold", word(Boldness.class), Boldness.PLAIN, "whether an appendix's label is bold");
    public static final Value<Boolean> LETTERED_OBJECTS = Value.of(
            "lettered-objects",
            flag(),
            false,
            "whether tables and figures in an appendix carry its letter and count anew");
    public static final Value<Place> APPENDICES =
            Value.of("appendices", word(Place.class), Place.BEFORE_SOURCES, "where appendices stand");
    public static final Value<Integer> MAX_WORDS = Value.optional("max-words", whole(1, 1_000_000), "most words");
    public static final Value<Integer> MAX_PAGES = Value.optional("max-pages", whole(1, 10_000), "most pages");
    public static final Value<String> PATTERN =
            Value.needed("pattern", text(), "the file's name, facts in braces, its ending left off");

    static final List<Demand> ALL = List.of(
            Demand.apparatus("appendices.label", BOLD, LETTERED_OBJECTS),
            Demand.asks("appendices.title"),
            Demand.looks("appendices.new-page"),
            Demand.own("appendices.mention"),
            Demand.asks("appendices.leftovers"),
            Demand.asks("appendices.reverse-items"),
            Demand.asks("hand-in.part-order", APPENDICES),
            Demand.looks("hand-in.blank-pages"),
            Demand.own("hand-in.placeholders"),
            Demand.asks("hand-in.comments"),
            Demand.asks("hand-in.changes"),
            Demand.asks("hand-in.hidden"),
            Demand.own("hand-in.length", MAX_WORDS, MAX_PAGES),
            Demand.looks("hand-in.properties"),
            Demand.own("hand-in.file-name", PATTERN));

    private ClosingDemands() {}
}
