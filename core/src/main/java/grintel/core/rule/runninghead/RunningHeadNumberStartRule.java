package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;

/** The first page's number, and whether numbers run on through the sections. */
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
        Quantity asked = Quantity.words(Integer.toString(start));
        ProofPage first = exam.proof().pages().get(0);
        List<Reading> readings = new ArrayList<>();
        if (!first.printedNumber().equals(asked.text())) {
            readings.add(Reading.off(
                    id(),
                    "start",
                    Quantity.words(first.printedNumber()),
                    asked,
                    List.of(Place.ofPage(1)),
                    List.of(new Edit.SetProperty(
                            new Target.OfSection(first.section()), SectionProperties.PAGE_NUMBER_START, start))));
        }
        for (Section section : exam.paper().sections()) {
            int restart = section.get(SectionProperties.PAGE_NUMBER_START);
            if (section.index() > 0 && restart >= 0 && !runsOn(exam, section)) {
                readings.add(Reading.off(
                        id(),
                        "restart",
                        Quantity.words("starts again at " + restart),
                        Quantity.words("runs on"),
                        exam.placesOfSections(List.of(section)),
                        List.of(new Edit.SetProperty(
                                new Target.OfSection(section.index()), SectionProperties.PAGE_NUMBER_START, null))));
            }
        }
        return readings.isEmpty() ? List.of(Reading.met(id(), "start", asked, asked)) : readings;
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
