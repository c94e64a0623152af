package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.ParagraphGroups;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import grintel.core.typeset.Gaps;
import java.util.ArrayList;
import java.util.List;

/** Space before and after paragraphs, "auto" and same-style suppression worked out. */
public final class SpacingParagraphGapRule implements Rule {
    @Override
    public String id() {
        return "spacing.paragraph-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length before = ask.get(SpacingDemands.BEFORE);
        Length after = ask.get(SpacingDemands.AFTER);
        boolean titleIsFree = ask.get(SpacingDemands.AROUND_TITLE) == SpacingDemands.AroundTitle.FREE;
        ParagraphGroups offBefore = new ParagraphGroups();
        ParagraphGroups offAfter = new ParagraphGroups();
        List<Paragraph> judged = exam.paragraphs(SpacedRoles.AS_TEXT);
        for (Paragraph paragraph : judged) {
            if (titleIsFree && exam.role(paragraph) == Role.TITLE) {
                continue;
            }
            Paragraph above = exam.neighbour(paragraph, -1);
            Paragraph below = exam.neighbour(paragraph, 1);
            int isBefore = Gaps.before(above, paragraph);
            int isAfter = Gaps.after(paragraph, below);
            if (Math.abs(isBefore - before.twips()) > Examination.TOLERANCE) {
                offBefore.add(Quantity.length(isBefore, Length.Unit.POINTS), paragraph);
            }
            if (below != null && Math.abs(isAfter - after.twips()) > Examination.TOLERANCE) {
                offAfter.add(Quantity.length(isAfter, Length.Unit.POINTS), paragraph);
            }
        }
        if (judged.isEmpty()) {
            return List.of();
        }
        Quantity askedBefore = Quantity.length(before);
        Quantity askedAfter = Quantity.length(after);
        List<Reading> readings = new ArrayList<>();
        readings.addAll(offBefore.readings(exam, id(), "before", askedBefore, each -> edits(exam, each, before, true)));
        readings.addAll(offAfter.readings(exam, id(), "after", askedAfter, each -> edits(exam, each, after, false)));
        return readings;
    }

    private static List<Edit> edits(Examination exam, List<Paragraph> paragraphs, Length asked, boolean before) {
        List<Holder> holders = Cause.paragraphs(paragraphs);
        List<Edit> edits = new ArrayList<>(exam.cause()
                .set(
                        holders,
                        before ? ParagraphProperties.SPACE_BEFORE_AUTO : ParagraphProperties.SPACE_AFTER_AUTO,
                        false,
                        SpacedRoles.welcome(exam)));
        edits.addAll(exam.cause()
                .set(
                        holders,
                        before ? ParagraphProperties.SPACE_BEFORE : ParagraphProperties.SPACE_AFTER,
                        asked.rounded(),
                        SpacedRoles.welcome(exam)));
        return edits;
    }
}
