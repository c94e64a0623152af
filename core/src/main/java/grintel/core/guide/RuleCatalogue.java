package grintel.core.guide;

import grintel.core.data.DataNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Every rule there is by id, with its class of fix and the names of the values a guide may give it: the contract with
 * guide files, house rules and reports. A rule that is not built yet stands here all the same and counts as not asked.
 */
public final class RuleCatalogue {
    private static final Map<String, Entry> ENTRIES = read();

    private RuleCatalogue() {}

    /** The ids of all rules, in order of work. */
    public static List<String> ids() {
        return ENTRIES.values().stream().map(Entry::id).toList();
    }

    public static boolean has(String rule) {
        return ENTRIES.containsKey(rule);
    }

    /** What is known of a rule. */
    public static Entry get(String rule) {
        Entry entry = ENTRIES.get(rule);
        if (entry == null) {
            throw new IllegalArgumentException("There is no rule " + rule);
        }
        return entry;
    }

    static void requireValue(String rule, String name, DataNode node) {
        Entry entry = get(rule);
        if (!entry.values.contains(name)) {
            throw node.wrong("gives \"" + name + "\", which is no value of " + rule
                    + (entry.values.isEmpty() ? "" : " (it has " + String.join(", ", entry.values) + ")"));
        }
    }

    private static Map<String, Entry> read() {
        DataNode data = DataNode.resource(RuleCatalogue.class, "catalogue.yaml");
        Map<String, Entry> out = new LinkedHashMap<>();
        for (String id : data.keys()) {
            DataNode node = data.get(id);
            FixClass fix = switch (node.get("fix").text()) {
                case "S" -> FixClass.LOOKS;
                case "T" -> FixClass.APPARATUS;
                case "A" -> FixClass.ASK;
                default -> FixClass.NONE;
            };
            out.put(id, new Entry(id, fix, node.get("values").texts()));
        }
        return out;
    }

    /** What is known of a rule. */
    public record Entry(String id, FixClass fix, List<String> values) {
        public Entry {
            values = List.copyOf(values);
        }
    }
}
