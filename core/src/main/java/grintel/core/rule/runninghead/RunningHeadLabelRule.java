package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.Labelled;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

/** The words "Running head:", which one edition of one guide asks for on the first page, and none anywhere else. */
public final class RunningHeadLabelRule implements Rule {
    private static final Measure LABEL = Measure.word("running-head-label");
    private static final Measure NO_LABEL = Measure.word("no-label");

    @Override
    public String id() {
        return "running-head.label";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean onFirst = ask.get(RunningHeadDemands.PAGES) == Labelled.FIRST;
        List<Head> filled = exam.heads().all().stream()
                .filter(head -> !head.header().isBlank())
                .toList();
        List<Reading> readings = new ArrayList<>();
        if (onFirst) {
            readings.addAll(exam.heads()
                    .subjects(filled)
                    .filter(RunningHeadLabelRule::standsOnFirstPage)
                    .check(id(), "first-label")
                    .measure(head -> head.header().hasLabel() ? LABEL : NO_LABEL)
                    .asks(LABEL)
                    .fix(
                            FixClass.APPARATUS,
                            (heads, cause) -> heads.stream()
                                    .flatMap(head -> label(exam, head).stream())
                                    .toList())
                    .fixable(HeadEdits::isRewritable)
                    .readings());
        }
        List<Head> bare = onFirst
                ? filled.stream()
                        .map(head -> head.afterFirstPage(exam))
                        .filter(Objects::nonNull)
                        .toList()
                : filled;
        readings.addAll(exam.heads()
                .subjects(bare)
                .at(head -> head.place(head.header().label()))
                .check(id(), "label")
                .measure(head -> head.header().hasLabel() ? LABEL : NO_LABEL)
                .asks(NO_LABEL)
                .fix(
                        FixClass.APPARATUS,
                        (heads, cause) -> heads.stream()
                                .flatMap(head -> unlabel(exam, head, onFirst).stream())
                                .distinct()
                                .toList())
                .fixable(head -> !onFirst || !isOnFirstPage(exam, head) || HeadEdits.isRewritable(head))
                .readings());
        return readings;
    }

    private static boolean standsOnFirstPage(Head head) {
        return head.pages().get(0) == 1;
    }

    /** Takes out the label and nothing else; a first page that should have it gets a header of its own that does. */
    private static List<Edit> unlabel(Examination exam, Head head, boolean onFirst) {
        List<Edit> edits = new ArrayList<>();
        if (onFirst && isOnFirstPage(exam, head)) {
            edits.addAll(label(exam, head));
        }
        TextRange label = head.header().labelRange();
        if (label != null) {
            edits.add(Edit.ReplaceText.words(label, ""));
        }
        return edits;
    }

    private static boolean isOnFirstPage(Examination exam, Head head) {
        return exam.heads().all().stream()
                .anyMatch(other -> standsOnFirstPage(other) && other.header() == head.header());
    }

    /** Gives the first page a header of its own, with the label before the words of the others. */
    private static List<Edit> label(Examination exam, Head head) {
        List<Edit> edits = new ArrayList<>();
        if (!head.isFirst()) {
            edits.add(new Edit.SetProperty(
                    new Target.OfSection(head.section().index()), SectionProperties.FIRST_PAGE_DIFFERS, true));
        }
        edits.add(HeadEdits.header(
                exam, head, Variant.FIRST, "Running head: " + head.header().wordsWithoutLabel(), true));
        return edits;
    }
}
