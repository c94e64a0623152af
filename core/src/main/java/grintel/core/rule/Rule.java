package grintel.core.rule;

import grintel.core.guide.Ask;
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
}
