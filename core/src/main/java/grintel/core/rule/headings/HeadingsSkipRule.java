package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Style;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** No level is jumped on the way down. */
public final class HeadingsSkipRule implements Rule {
    private static final Measure NEXT = Measure.word("no-level-skipped");

    @Override
    public String id() {
        return "headings.skip";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Step> steps = new ArrayList<>();
        int before = 0;
        for (Heading heading : Heading.all(exam)) {
            steps.add(new Step(heading, before));
            before = heading.level();
        }
        return exam.whole()
                .each(
                        paper -> steps,
                        step -> exam.place(step.heading.paragraph(), step.heading.words()),
                        step -> exam.identity(step.heading.paragraph()))
                .check(id(), "level")
                .measure(step -> step.skips()
                        ? new Measure.Phrase(
                                "under-level-" + step.before, Measure.word("level-" + step.heading.level()))
                        : NEXT)
                .asks(NEXT)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(step -> raised(exam, step).stream())
                                .toList())
                .fixable(step -> !raised(exam, step).isEmpty())
                .readings();
    }

    private static List<Edit> raised(Examination exam, Step step) {
        Style style = new HeadingStyles(exam.paper()).find(step.before + 1);
        return style == null || step.heading.runIn()
                ? List.of()
                : List.of(new Edit.ApplyStyle(step.heading.paragraph().address(), style.id()));
    }

    private record Step(Heading heading, int before) {
        boolean skips() {
            return heading.level() > before + 1;
        }
    }
}
