package grintel.core.compose;

import grintel.core.check.Examiner;
import grintel.core.check.Report;
import grintel.core.guide.Brief;
import grintel.core.limit.WorkLimits;
import java.util.List;

/**
 * The pages of a brief as they must look: one of everything, typeset and measured as any paper is.
 *
 * @param report what was measured on them
 * @param notes what is said beside them
 */
public record Specimen(Report report, List<SpecimenNotes.Note> notes) {
    /** The specimen of a brief. */
    public static Specimen of(Brief brief, WorkLimits limits) {
        Report report = Examiner.examine(Composer.compose(brief, SampleContent.of(brief.guide())), brief, limits);
        return new Specimen(report, SpecimenNotes.of(brief.guide(), report.proof(), report.parts()));
    }
}
