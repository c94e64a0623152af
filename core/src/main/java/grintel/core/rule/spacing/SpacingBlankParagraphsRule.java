package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.rule.BlankRun;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/**
 * Blank paragraphs used as space. Those on a title page, between entries and beside tables are judged elsewhere or not
 * at all; those that push a part to a new page are {@code spacing.page-push}.
 */
public final class SpacingBlankParagraphsRule implements Rule {
    @Override
    public String id() {
        return "spacing.blank-paragraphs";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean titleIsFree = ask.get(SpacingDemands.AROUND_TITLE) == SpacingDemands.AroundTitle.FREE;
        return BlankRun.in(exam)
                .filter(run -> run.isSpaceInText(exam, titleIsFree))
                .check(id(), "blanks")
                .none("blank-paragraph", run -> run.paragraphs().size())
                .metIfNone(true)
                .fix((runs, cause) ->
                        runs.stream().flatMap(run -> run.removal().stream()).toList())
                .readings();
    }
}
