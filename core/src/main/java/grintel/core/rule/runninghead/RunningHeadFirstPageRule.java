package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.paper.Marginals;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadContent;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import java.util.ArrayList;
import java.util.List;

/** Whether the first page has the header of the others, or none. */
public final class RunningHeadFirstPageRule implements Rule {
    private static final Quantity SAME = Quantity.words("as on the other pages");
    private static final Quantity BARE = Quantity.words("no header");

    @Override
    public String id() {
        return "running-head.first-page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return ask.get(RunningHeadDemands.FIRST_PAGE) == RunningHeadDemands.FirstPage.SAME ? same(exam) : none(exam);
    }

    private List<Reading> same(Examination exam) {
        if (exam.heads().all().stream().allMatch(head -> head.header().isBlank())
                && exam.heads().reference().header().isBlank()) {
            return List.of();
        }
        List<Head> off = new ArrayList<>();
        for (Head head : exam.heads().all()) {
            if (head.variant() == Marginals.Variant.FIRST && !head.header().saysTheSameAs(usual(exam, head))) {
                off.add(head);
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "first", SAME, SAME));
        }
        List<Edit> edits = new ArrayList<>();
        off.forEach(head -> edits.add(new Edit.SetProperty(
                new Target.OfSection(head.section()), SectionProperties.FIRST_PAGE_DIFFERS, false)));
        String shown = HeadFixes.shown(off.get(0).header());
        return List.of(Reading.off(
                id(),
                "first",
                Quantity.words(shown.isEmpty() ? "no header" : "“" + shown + "”"),
                SAME,
                HeadFixes.places(off),
                edits));
    }

    private static HeadContent usual(Examination exam, Head head) {
        return HeadContent.of(
                exam.paper().sections().get(head.section()).headers().get(Marginals.Variant.DEFAULT));
    }

    private List<Reading> none(Examination exam) {
        Head first = exam.heads().all().get(0);
        if (first.header().isBlank()) {
            return List.of(Reading.met(id(), "first", BARE, BARE));
        }
        List<Edit> edits = new ArrayList<>();
        edits.add(new Edit.SetProperty(
                new Target.OfSection(first.section()), SectionProperties.FIRST_PAGE_DIFFERS, true));
        edits.add(new Edit.WriteMarginal(
                first.section(), Story.Kind.HEADER, Marginals.Variant.FIRST, HeadFixes.content(exam, "", false)));
        return List.of(Reading.off(
                id(),
                "first",
                Quantity.words("“" + HeadFixes.shown(first.header()) + "”"),
                BARE,
                HeadFixes.places(List.of(first)),
                edits));
    }
}
