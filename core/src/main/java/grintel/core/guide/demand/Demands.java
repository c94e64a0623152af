package grintel.core.guide.demand;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** All there is to ask of a paper, in order of work. */
public final class Demands {
    private static final List<Demand> ALL = Stream.of(
                    SheetDemands.ALL,
                    TypeDemands.ALL,
                    SpacingDemands.ALL,
                    RunningHeadDemands.ALL,
                    OpeningDemands.ALL,
                    HeadingDemands.ALL,
                    TextDemands.ALL,
                    NoteDemands.ALL,
                    TableDemands.ALL,
                    FigureDemands.ALL,
                    SourceDemands.ALL,
                    ClosingDemands.ALL)
            .flatMap(List::stream)
            .toList();

    private static final Map<String, Demand> BY_RULE = byRule();

    private Demands() {}

    public static List<Demand> all() {
        return ALL;
    }

    /** The ids of all rules, in order of work. */
    public static List<String> ids() {
        return List.copyOf(BY_RULE.keySet());
    }

    public static boolean has(String rule) {
        return BY_RULE.containsKey(rule);
    }

    /** @throws IllegalArgumentException where there is no such rule */
    public static Demand get(String rule) {
        Demand found = BY_RULE.get(rule);
        if (found == null) {
            throw new IllegalArgumentException("There is no rule " + rule);
        }
        return found;
    }

    private static Map<String, Demand> byRule() {
        Map<String, Demand> out = new LinkedHashMap<>();
        ALL.forEach(demand -> out.put(demand.rule(), demand));
        return out;
    }
}
