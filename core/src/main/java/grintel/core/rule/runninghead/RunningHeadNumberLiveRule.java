package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Piece;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Inline;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadContent;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;
import java.util.stream.Stream;

/** The page number is a live field, not typed digits that say the same on every page. */
public final class RunningHeadNumberLiveRule implements Rule {
    private static final Measure LIVE = Measure.word("live-number");

    @Override
    public String id() {
        return "running-head.number-live";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Head> elsewhere = exam.heads().differing();
        return exam.heads()
                .subjects(exam.heads().all())
                .filter(head -> head.hasNumber() && !elsewhere.contains(head))
                .at(head -> head.header().hasNumber() ? head.place(head.header().typed()) : head.footerPlace())
                .check(id(), "live")
                .measure(head -> bearing(head).isLive()
                        ? LIVE
                        : new Measure.Phrase(
                                "typed", new Measure.Quote(bearing(head).typed())))
                .asks(LIVE)
                .fix(
                        FixClass.APPARATUS,
                        (heads, cause) -> heads.stream()
                                .flatMap(RunningHeadNumberLiveRule::edits)
                                .distinct()
                                .toList())
                .readings();
    }

    private static HeadContent bearing(Head head) {
        return head.header().hasNumber() ? head.header() : head.footer();
    }

    /** The field comes where the digits stand, and nothing else is touched. */
    private static Stream<Edit> edits(Head head) {
        TextRange digits = bearing(head).numberRange();
        return digits == null
                ? Stream.of()
                : Stream.of(new Edit.ReplaceText(digits, List.of(new Piece.Value(Inline.Field.Kind.PAGE))));
    }
}
