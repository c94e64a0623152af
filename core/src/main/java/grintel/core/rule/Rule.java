package grintel.core.rule;

import grintel.core.guide.Ask;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** One demand on layout. Rules hold no state. */
public interface Rule {
    /** The id in guide files and reports, such as {@code sheet.margins}. */
    String id();

    /**
     * Reads the paper.
     *
     * @param ask what the guide asks of this rule; its weight is not "not asked"
     * @return readings met and off; none where the paper has nothing of the kind
     */
    List<Reading> read(Examination exam, Ask ask);

    /**
     * Whether the rule measures nothing though it is asked: it lacks a fact that neither the brief nor the paper tells, or
     * what another rule found must be put right first.
     */
    default boolean isSilent(Examination exam, Ask ask) {
        return false;
    }

    /**
     * What the rule measures on a page, as it is drawn there.
     *
     * @param readings what it found in the paper
     */
    default List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        return List.of();
    }
}
