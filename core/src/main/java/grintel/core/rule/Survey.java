package grintel.core.rule;

import grintel.core.guide.demand.Station;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** What is measured at a station and drawn on the page beside what its rules ask. */
public interface Survey {
    Station station();

    List<Stroke> strokes(Examination exam, ProofPage page);
}
