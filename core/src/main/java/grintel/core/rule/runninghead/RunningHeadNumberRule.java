package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** A page number on every page that must have one. */
public final class RunningHeadNumberRule implements Rule {
    private static final Measure NUMBERED = Measure.word("page-number");

    @Override
    public String id() {
        return "running-head.number";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        int without = exam.heads().judged().stream()
                .filter(head -> !head.hasNumber())
                .mapToInt(head -> head.pages().size())
                .sum();
        return exam.heads()
                .subjects(exam.heads().judged())
                .check(id(), "number")
                .measure(head -> head.hasNumber() ? NUMBERED : new Measure.Some(without, "page-without"))
                .asks(NUMBERED)
                .fix(
                        FixClass.APPARATUS,
                        (heads, cause) -> heads.stream()
                                .flatMap(head -> HeadEdits.write(
                                        exam, head, head.header().words())
                                        .stream())
                                .distinct()
                                .toList())
                .fixable(head -> HeadEdits.canPlaceNumber(exam, head))
                .readings();
    }
}
