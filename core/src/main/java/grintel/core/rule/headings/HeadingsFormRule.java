package grintel.core.rule.headings;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** How the headings of each level look: place, weight, slant, whether text runs on from them, what they end with. */
public final class HeadingsFormRule implements Rule {
    private static final Measure OWN_LINE = Measure.word("on-own-line");
    private static final Measure RUN_IN = Measure.word("text-runs-on");
    private static final Measure STOP = Measure.word("a-full-stop");
    private static final Measure NO_STOP = Measure.word("no-full-stop");

    @Override
    public String id() {
        return "headings.form";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<HeadingForm> levels = ask.get(HeadingDemands.LEVELS);
        List<Heading> all = Heading.all(exam);
        List<Reading> out = new ArrayList<>();
        for (int level = 1; level <= levels.size(); level++) {
            int of = level;
            List<Heading> headings =
                    all.stream().filter(heading -> heading.level() == of).toList();
            if (!headings.isEmpty()) {
                UnaryOperator<Measure> told = is -> new Measure.Phrase("at-level-" + of, is);
                out.addAll(read(exam, headings, levels.get(level - 1), told));
            }
        }
        return out;
    }

    private List<Reading> read(
            Examination exam, List<Heading> headings, HeadingForm form, UnaryOperator<Measure> told) {
        Subjects<Heading> subjects = Heading.subjects(exam, headings);
        List<Reading> out = new ArrayList<>();
        Measure line = form.runIn() ? RUN_IN : OWN_LINE;
        out.addAll(subjects.check(id(), "line")
                .measure(heading ->
                        heading.runIn() == form.runIn() ? line : told.apply(heading.runIn() ? RUN_IN : OWN_LINE))
                .asks(line)
                .fix((off, cause) -> off.stream()
                        .flatMap(heading -> RunIn.turned(exam, heading).stream())
                        .toList())
                .fixable(heading -> !RunIn.turned(exam, heading).isEmpty())
                .readings());
        List<Stretch> own = headings.stream()
                .filter(heading -> heading.runIn() == form.runIn())
                .map(Heading::line)
                .toList();
        out.addAll(LineForm.of(form).readings(id(), exam, exam.stretches(own), told));
        Measure end = form.fullStop() ? STOP : NO_STOP;
        out.addAll(subjects.filter(heading -> heading.runIn() == form.runIn())
                .check(id(), "end")
                .measure(heading ->
                        endsWithStop(heading) == form.fullStop() ? end : told.apply(form.fullStop() ? NO_STOP : STOP))
                .asks(end)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .map(heading -> ended(heading, form.fullStop()))
                                .toList())
                .readings());
        return out;
    }

    private static boolean endsWithStop(Heading heading) {
        return heading.words().endsWith(".");
    }

    /** Puts a full stop in place of another mark at the end, or after it, or takes it away. */
    private static Edit ended(Heading heading, boolean stop) {
        String characters = heading.line().characters();
        int end = characters.stripTrailing().length();
        boolean marked = end > 0 && ".:—".indexOf(characters.charAt(end - 1)) >= 0;
        int to = heading.line().from() + end;
        TextRange range = new TextRange(heading.paragraph().address(), marked ? to - 1 : to, to);
        return Edit.ReplaceText.words(range, stop ? "." : "");
    }
}
