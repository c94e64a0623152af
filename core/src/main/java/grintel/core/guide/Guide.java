package grintel.core.guide;

import grintel.core.data.DataNode;
import grintel.core.guide.demand.CaseStyle;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.HeadingDemands;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A style guide's demands on layout. Immutable; compared by value.
 *
 * @param name as the trade names it
 * @param also other names that find it
 * @param source what readings name as their source where no section is known
 * @param asks by rule id, every rule in order of work
 * @param houseRules name of the house rules laid over it, or empty
 */
public record Guide(
        String id,
        String name,
        String summary,
        List<String> also,
        String source,
        Map<String, Ask> asks,
        String houseRules) {
    private static final Set<String> NAMES = Set.of("id", "name", "summary", "also", "source", "extends", "rules");

    public Guide {
        also = List.copyOf(also);
        Map<String, Ask> ordered = new LinkedHashMap<>();
        for (String rule : Demands.ids()) {
            ordered.put(rule, Objects.requireNonNullElseGet(asks.get(rule), () -> Ask.nothing(rule)));
        }
        asks = Collections.unmodifiableMap(ordered);
    }

    /**
     * Reads a guide file.
     *
     * @param base finds the guide that it extends
     * @throws grintel.core.data.DataException when it says something it may not, or lacks something it must say
     */
    static Guide read(DataNode data, Function<String, Guide> base) {
        for (String key : data.keys()) {
            if (!NAMES.contains(key)) {
                throw data.wrong("has \"" + key + "\"; a guide has " + String.join(", ", sorted()));
            }
        }
        String extended = data.get("extends").textOrNull();
        Guide below = extended == null ? null : base.apply(extended);
        String source = data.get("source").text();
        Map<String, Ask> asks = new LinkedHashMap<>();
        if (below != null) {
            below.asks.forEach((rule, ask) -> asks.put(rule, below.from(ask, source)));
        }
        AskChange.read(data.get("rules"))
                .forEach((rule, change) -> asks.put(rule, change.over(asked(asks.get(rule)), source)));
        return new Guide(
                data.get("id").text(),
                data.get("name").text(),
                data.get("summary").text(),
                data.get("also").texts(),
                source,
                asks,
                "");
    }

    private static List<String> sorted() {
        return NAMES.stream().sorted().toList();
    }

    /** What this guide asks, as one asks it that extends it: a section stays the source, the plain name does not. */
    private Ask from(Ask ask, String extending) {
        return ask.source().equals(source) ? new Ask(ask.rule(), ask.weight(), ask.values(), extending) : ask;
    }

    private static @Nullable Ask asked(@Nullable Ask ask) {
        return ask == null || ask.source().isEmpty() ? null : ask;
    }

    /** What is asked of a rule. */
    public Ask ask(String rule) {
        return Objects.requireNonNullElseGet(asks.get(rule), () -> Ask.nothing(rule));
    }

    /** The manner of its title case; where it asks none of headings, that of MLA. */
    public CaseStyle titleCase() {
        Ask ask = ask("headings.case");
        return ask.isAsked() ? ask.get(HeadingDemands.CASE_STYLE) : CaseStyle.MLA;
    }

    /**
     * This guide with house rules over it.
     *
     * @throws grintel.core.data.DataException when they ask a rule without the values it needs
     */
    public Guide with(HouseRules house) {
        Map<String, Ask> merged = new LinkedHashMap<>(asks);
        house.changes()
                .forEach((rule, change) ->
                        merged.put(rule, change.over(asked(merged.get(rule)), name + ", " + house.name())));
        return new Guide(id, name, summary, also, source, merged, house.name());
    }
}
