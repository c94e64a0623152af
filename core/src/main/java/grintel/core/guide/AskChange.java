package grintel.core.guide;

import grintel.core.data.DataNode;
import grintel.core.guide.demand.Demand;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.value.Given;
import grintel.core.guide.value.ValueType;
import grintel.core.guide.value.ValueTypes;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a guide file or house rules say of one rule, over what was asked before.
 *
 * @param weight null where it stays
 * @param source null where it stays
 * @param node where it is said, for messages
 */
record AskChange(
        String rule,
        @Nullable Weight weight,
        Given values,
        @Nullable String source,
        DataNode node) {
    private static final ValueType<Weight> WEIGHT = ValueTypes.word(Weight.class);
    private static final List<String> OWN_NAMES = List.of("weight", "source");

    /** Reads what is said of each rule, in order. */
    static Map<String, AskChange> read(DataNode rules) {
        Map<String, AskChange> out = new LinkedHashMap<>();
        for (String rule : rules.keys()) {
            if (!Demands.has(rule)) {
                throw rules.wrong("names \"" + rule + "\", and there is no such rule");
            }
            DataNode node = rules.get(rule);
            Demand demand = Demands.get(rule);
            out.put(
                    rule,
                    new AskChange(
                            rule,
                            node.get("weight").isMissing() ? null : WEIGHT.read(node.get("weight")),
                            Given.read(node, demand.values(), OWN_NAMES),
                            node.get("source").textOrNull(),
                            node));
        }
        return out;
    }

    /** What is said, as plain data by name. */
    Map<String, Object> written() {
        Map<String, Object> out = new LinkedHashMap<>();
        if (weight != null) {
            out.put("weight", weight.id());
        }
        out.putAll(values.written(Demands.get(rule).values()));
        if (source != null) {
            out.put("source", source);
        }
        return out;
    }

    /**
     * What is asked once this is said.
     *
     * @param before what was asked so far, or null
     * @param speaker the source where this names none
     * @throws grintel.core.data.DataException when a value the rule cannot do without is still not given
     */
    Ask over(@Nullable Ask before, String speaker) {
        Weight asked = weight != null ? weight : before == null ? Weight.REQUIRED : before.weight();
        Given given = before == null ? values : before.values().with(values);
        List<String> missing = given.missing(Demands.get(rule).values());
        if (asked != Weight.NOT_ASKED && !missing.isEmpty()) {
            throw node.wrong("lacks " + String.join(", ", missing));
        }
        return new Ask(rule, asked, given, source != null ? source : speaker);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof AskChange change
                && rule.equals(change.rule)
                && weight == change.weight
                && values.equals(change.values)
                && String.valueOf(source).equals(String.valueOf(change.source));
    }

    @Override
    public int hashCode() {
        return rule.hashCode() * 31 + values.hashCode();
    }
}
