package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.NumberedFrom;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.Measure;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The number of the page that should bear the first one, and whether numbers run on from it through the sections. */
public final class RunningHeadNumberStartRule implements Rule {
    @Override
    public String id() {
        return "running-head.number-start";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        if (exam.heads().all().stream().noneMatch(Head::hasNumber)) {
            return List.of();
        }
        int start = ask.get(RunningHeadDemands.START);
        ProofPage first = firstNumbered(exam, ask);
        List<Reading> readings = new ArrayList<>(exam.whole()
                .at(paper -> Place.ofPage(first.number()))
                .check(id(), "start")
                .measure(paper -> new Measure.Name(first.printedNumber()))
                .asks(new Measure.Name(Integer.toString(start)))
                .fix((papers, cause) -> List.of(begin(exam, first, start)))
                .readings());
        readings.addAll(exam.sections()
                .filter(section -> section.index() > first.section() && restart(section) >= 0)
                .filter(section -> !runsOn(exam, section))
                .check(id(), "restart")
                .measure(section ->
                        new Measure.Phrase("starts-again", new Measure.Name(Integer.toString(restart(section)))))
                .asks(Measure.word("runs-on"))
                .fix((sections, cause) -> sections.stream()
                        .map(section -> start(section.index(), null))
                        .toList())
                .readings());
        return readings;
    }

    /** The first page of all, or the first after the title page. */
    private static ProofPage firstNumbered(Examination exam, Ask ask) {
        List<ProofPage> pages = exam.proof().pages();
        boolean afterTitle = ask.get(RunningHeadDemands.FROM) == NumberedFrom.TEXT
                && exam.parts().hasTitlePage();
        return pages.get(afterTitle && pages.size() > 1 ? 1 : 0);
    }

    private static int restart(Section section) {
        return section.get(SectionProperties.PAGE_NUMBER_START);
    }

    /** Lets the section of a page begin so that the page bears a number. */
    private static Edit begin(Examination exam, ProofPage page, int number) {
        int before = 0;
        for (ProofPage each : exam.proof().pages()) {
            before += each.section() == page.section() && each.number() < page.number() ? 1 : 0;
        }
        return start(page.section(), Math.max(0, number - before));
    }

    private static Edit start(int section, @Nullable Integer number) {
        return new Edit.SetProperty(new Target.OfSection(section), SectionProperties.PAGE_NUMBER_START, number);
    }

    /** Whether the section's first page has the number after the page before it. */
    private static boolean runsOn(Examination exam, Section section) {
        List<ProofPage> pages = exam.proof().pages();
        for (int i = 1; i < pages.size(); i++) {
            if (pages.get(i).section() == section.index()) {
                return isNext(pages.get(i - 1).printedNumber(), pages.get(i).printedNumber());
            }
        }
        return true;
    }

    private static boolean isNext(String before, String after) {
        try {
            return Integer.parseInt(before) + 1 == Integer.parseInt(after);
        } catch (NumberFormatException e) {
            return false;
        }
    }
}
