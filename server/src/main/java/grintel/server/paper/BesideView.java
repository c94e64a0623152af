package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.compose.FoundFacts;
import grintel.core.compose.PageKinds;
import grintel.core.compose.Specimen;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.limit.WorkLimits;
import grintel.core.rule.Units;
import grintel.server.brief.SpecimenView;
import java.util.List;

/**
 * The pages of a paper's brief as they must look, to be held beside it.
 *
 * @param beside for each page of the paper, the number of the specimen's page that shows the same
 */
record BesideView(SpecimenView specimen, List<Integer> beside) {
    private static final int TIME_LIMIT = 20;

    static BesideView of(Report report, Units units) {
        Facts known = report.brief().facts().over(FoundFacts.of(report.parts().facts()));
        Specimen specimen = Specimen.of(new Brief(report.brief().guide(), known), WorkLimits.within(TIME_LIMIT));
        return new BesideView(
                SpecimenView.of(specimen, units), PageKinds.alike(report.proof(), report.parts(), specimen));
    }
}
