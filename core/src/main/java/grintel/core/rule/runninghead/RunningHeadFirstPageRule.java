package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.FirstPage;
import grintel.core.guide.demand.RunningHeadDemands.Labelled;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadContent;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whether the first page has the header of the others, or none. */
public final class RunningHeadFirstPageRule implements Rule {
    private static final Measure SAME = Measure.word("as-others");
    private static final Measure BARE = Measure.word("no-header");

    @Override
    public String id() {
        return "running-head.first-page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        FirstPage asked = ask.get(RunningHeadDemands.FIRST_PAGE);
        boolean bare = asked == FirstPage.NONE
                || asked == FirstPage.NONE_ON_TITLE_PAGE && exam.parts().hasTitlePage();
        return bare ? bare(exam) : same(exam);
    }

    /** A page with a header of its own kind says what all others say; a label on it is a matter of its own. */
    private List<Reading> same(Examination exam) {
        boolean nothing = exam.heads().all().stream()
                        .allMatch(
                                head -> head.header().isEmpty() && head.footer().isEmpty())
                && exam.heads().reference().header().isEmpty();
        return exam.heads()
                .subjects(nothing ? List.of() : exam.heads().all())
                .filter(head -> head.isFirst() || !exam.heads().differing().contains(head))
                .check(id(), "first")
                .measure(head -> !head.isFirst() || isAsOthers(exam, head) ? SAME : head.says())
                .asks(SAME)
                .fixByWords((heads, cause) ->
                        heads.stream().map(head -> differs(head, null)).toList())
                .readings();
    }

    private static boolean isAsOthers(Examination exam, Head head) {
        HeadContent usual = exam.heads().usual(head.section());
        Ask label = exam.ask("running-head.label");
        boolean labelled = label.isAsked() && label.get(RunningHeadDemands.PAGES) == Labelled.FIRST;
        return head.header().saysTheSameAs(usual) && (labelled || head.header().hasLabel() == usual.hasLabel());
    }

    private List<Reading> bare(Examination exam) {
        return exam.heads()
                .subjects(exam.heads().all().subList(0, 1))
                .check(id(), "bare")
                .measure(head -> head.header().isBlank() && !head.footer().hasNumber() ? BARE : said(head))
                .asks(BARE)
                .fixByWords((heads, cause) -> heads.stream()
                        .flatMap(head -> blank(exam, head).stream())
                        .toList())
                .readings();
    }

    private static Measure said(Head head) {
        return head.header().isBlank()
                ? new Measure.Quote(head.footer().reads(head.printed(), head.total()))
                : head.says();
    }

    /** Gives the first page a kind of its own, and blanks what stands there already. */
    private static List<Edit> blank(Examination exam, Head head) {
        List<Edit> edits = new ArrayList<>();
        if (!head.isFirst()) {
            edits.add(differs(head, true));
        }
        if (head.isFirst() || head.section().headers().get(Variant.FIRST) != null) {
            edits.add(new Edit.WriteMarginal(
                    head.section().index(), Story.Kind.HEADER, Variant.FIRST, HeadEdits.blank(exam, head)));
        }
        if (head.isFirst()
                ? head.footer().hasNumber()
                : head.section().footers().get(Variant.FIRST) != null) {
            edits.add(new Edit.WriteMarginal(
                    head.section().index(), Story.Kind.FOOTER, Variant.FIRST, HeadEdits.blank(exam, head)));
        }
        return edits;
    }

    private static Edit differs(Head head, @Nullable Boolean own) {
        return new Edit.SetProperty(
                new Target.OfSection(head.section().index()), SectionProperties.FIRST_PAGE_DIFFERS, own);
    }
}
