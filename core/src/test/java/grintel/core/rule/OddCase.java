package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.approved.Approved;
import grintel.core.check.Examiner;
import grintel.core.check.PaperFile;
import grintel.core.check.PutRight;
import grintel.core.check.Report;
import grintel.core.check.Verdict;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.structure.Corrections;
import java.util.List;
import java.util.Objects;
import java.util.Set;

/** A paper as students hand them in: what the rules of some stations say of it, and of what they make of it. */
final class OddCase {
    private final Brief brief;
    private final Set<String> stations;

    OddCase(Brief brief, String... stations) {
        this.brief = brief;
        this.stations = Set.of(stations);
    }

    /** Under a guide, with the surname of the sample papers and a short title known, empty for none. */
    static OddCase under(String guide, String shortTitle, String... stations) {
        Guide found = Objects.requireNonNull(Guides.find(guide));
        return new OddCase(Brief.of(found, null, Facts.of("Solvane", shortTitle)), stations);
    }

    /** Sees what is said of a paper, puts right all that can be without its writer or with, and sees what is left. */
    Paper see(Paper paper) {
        Report report = Examiner.examine(paper, brief, WorkLimits.within(20));
        see(report);
        PutRight.Result<PaperFile> result = PutRight.run(
                new PaperFile(paper),
                report,
                Corrections.NONE,
                (reading, spot) -> isSeen(reading.rule()),
                WorkLimits.within(20));
        assertThat(result.leftOut()).isEmpty();
        Report after = Examiner.examine(result.file().paper(), brief, WorkLimits.within(20));
        if (!result.done().isEmpty()) {
            Approved.see("-- put right");
            off(after);
        }
        assertThat(after.findings())
                .filteredOn(finding -> isSeen(finding.rule()))
                .extracting(Reading::fixClass)
                .doesNotContain(FixClass.LOOKS);
        return result.file().paper();
    }

    private boolean isSeen(String rule) {
        return stations.contains(rule.substring(0, rule.indexOf('.')));
    }

    /** What the rules say, whole where something is off. */
    private void see(Report report) {
        off(report);
        report.verdicts().forEach((rule, verdict) -> {
            boolean measured = verdict.status() == Verdict.Status.MET;
            if (isSeen(rule) && measured) {
                List<String> is = verdict.readings().stream()
                        .map(reading -> Wording.told(reading.is()))
                        .toList();
                Approved.see(rule + " is met: " + String.join("; ", is));
            }
        });
    }

    private void off(Report report) {
        report.verdicts().forEach((rule, verdict) -> {
            if (isSeen(rule) && verdict.status() == Verdict.Status.OFF) {
                Approved.see(rule + " " + Told.of(rule, report));
            }
        });
    }
}
