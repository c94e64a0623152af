package grintel.core.rule;

import grintel.core.guide.Brief;
import grintel.core.guide.Weight;
import grintel.core.paper.Paper;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import java.util.List;
import java.util.Map;

/**
 * A paper examined.
 *
 * @param verdicts by rule id, every rule of the catalogue in order of work
 */
public record Report(Paper paper, Proof proof, Parts parts, Brief brief, Map<String, Verdict> verdicts) {
    /** All readings that are off, in order of work. */
    public List<Reading> findings() {
        return verdicts.values().stream()
                .flatMap(verdict -> verdict.findings().stream())
                .toList();
    }

    /** How much the guide makes of the rule a finding is of. */
    public Weight weight(Reading finding) {
        return verdict(finding.rule()).ask().weight();
    }

    /** What a rule says of the paper. */
    public Verdict verdict(String rule) {
        Verdict verdict = verdicts.get(rule);
        return verdict == null ? Verdict.NOT_ASKED : verdict;
    }

    /** Whether a required reading is off. */
    public boolean hasRequiredFindings() {
        return findings().stream().anyMatch(finding -> weight(finding) == Weight.REQUIRED);
    }
}
