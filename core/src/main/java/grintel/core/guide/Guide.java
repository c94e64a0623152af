package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A style guide's demands on layout.
 *
 * @param name as the trade names it
 * @param also other names that find it
 * @param asks by rule id, in order of work; a rule that is missing is not asked
 * @param houseRules name of the house rules laid over it, or empty
 */
public record Guide(
        String id, String name, String summary, List<String> also, Map<String, Ask> asks, String houseRules) {
    public Guide {
        also = List.copyOf(also);
    }

    static Guide read(DataNode data) {
        String source = data.get("source").text();
        Map<String, Ask> asks = new LinkedHashMap<>();
        DataNode rules = data.get("rules");
        for (String rule : rules.keys()) {
            requireRule(rule, rules);
            asks.put(rule, Ask.read(rule, rules.get(rule), null, source));
        }
        return new Guide(
                data.get("id").text(),
                data.get("name").text(),
                data.get("summary").text(),
                data.get("also").texts(),
                asks,
                "");
    }

    /** What is asked of a rule, or null where nothing is. */
    public @Nullable Ask ask(String rule) {
        return asks.get(rule);
    }

    /** This guide with house rules over it. */
    public Guide with(HouseRules house) {
        Map<String, Ask> merged = new LinkedHashMap<>(asks);
        house.rules()
                .forEach((rule, node) ->
                        merged.put(rule, Ask.read(rule, node, merged.get(rule), name + ", " + house.name())));
        return new Guide(id, name, summary, also, merged, house.name());
    }

    static void requireRule(String rule, DataNode node) {
        if (!RuleCatalogue.has(rule)) {
            throw node.wrong("names \"" + rule + "\", and there is no such rule");
        }
    }
}
