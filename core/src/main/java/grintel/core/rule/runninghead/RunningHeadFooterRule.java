package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Something in the footer that the guide does not ask for; whether it may go, the writer must say. */
public final class RunningHeadFooterRule implements Rule {
    private static final Measure EMPTY = Measure.word("empty");

    @Override
    public String id() {
        return "running-head.footer";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.heads()
                .subjects(exam.heads().all())
                .at(Head::footerPlace)
                .check(id(), "footer")
                .measure(head -> isWelcome(head) ? EMPTY : reads(head))
                .asks(EMPTY)
                .fix(
                        FixClass.ASK,
                        (heads, cause) -> heads.stream()
                                .<Edit>map(head -> new Edit.WriteMarginal(
                                        head.footerOwner(),
                                        Story.Kind.FOOTER,
                                        head.variant(),
                                        HeadEdits.blank(exam, head)))
                                .distinct()
                                .toList())
                .fixable(head -> !head.footer().hasNumber() || head.header().hasNumber())
                .readings();
    }

    /** A number that stands only in the footer is a matter of its place. */
    private static boolean isWelcome(Head head) {
        boolean onlyNumber = head.footer().words().isEmpty() && !head.header().hasNumber();
        return head.footer().isBlank() || onlyNumber;
    }

    private static Measure reads(Head head) {
        return new Measure.Head(
                Quotes.first(head.footer().reads(head.printed(), head.total())),
                head.footer().words());
    }
}
