package grintel.cli;

import grintel.core.check.Rules;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.Demand;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.FixClass;
import java.util.List;
import java.util.stream.Collectors;

/** All rules and what each guide makes of them, as a table for readers of the project. */
final class RuleTable {
    private RuleTable() {}

    /** The table in Markdown. */
    static String markdown() {
        List<Guide> guides = Guides.all();
        StringBuilder out = new StringBuilder("| Rule | Fix | ");
        out.append(guides.stream().map(Guide::id).collect(Collectors.joining(" | ")))
                .append(" |\n");
        out.append("|---|---|").append("---|".repeat(guides.size())).append('\n');
        for (Demand demand : Demands.all()) {
            boolean built = Rules.find(demand.rule()) != null;
            out.append("| `").append(demand.rule()).append(built ? "` | " : "` (not measured yet) | ");
            out.append(fix(demand.fix())).append(" | ");
            out.append(guides.stream()
                            .map(guide -> weight(guide, demand.rule()))
                            .collect(Collectors.joining(" | ")))
                    .append(" |\n");
        }
        return out.toString();
    }

    private static String fix(FixClass fix) {
        return switch (fix) {
            case LOOKS -> "looks";
            case APPARATUS -> "apparatus";
            case ASK -> "asks";
            case NONE -> "yours";
        };
    }

    private static String weight(Guide guide, String rule) {
        return switch (guide.ask(rule).weight()) {
            case REQUIRED -> "required";
            case ADVISED -> "advised";
            case NOT_ASKED -> "–";
        };
    }
}
