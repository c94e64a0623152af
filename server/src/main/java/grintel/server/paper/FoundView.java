package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.compose.FoundFacts;
import grintel.core.guide.Facts;
import java.util.Map;
import java.util.Objects;

/**
 * Facts as a paper's own lines say them.
 *
 * @param surname empty where it is not known
 * @param shortTitle as its header has it, or made of its title
 * @param more by name
 */
record FoundView(String surname, String shortTitle, Map<String, String> more) {
    static FoundView of(Report report) {
        Facts facts = FoundFacts.of(report.parts().facts());
        return new FoundView(
                Objects.requireNonNullElse(report.parts().facts().surname(), ""), report.shortTitle(), facts.values());
    }
}
