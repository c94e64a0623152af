package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.rule.Change;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadContent;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import java.util.List;

/** The words "Running head:", which belong to an older edition of one guide and nowhere else. */
public final class RunningHeadLabelRule implements Rule {
    private static final Quantity NONE = Quantity.words("no label");

    @Override
    public String id() {
        return "running-head.label";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Head> all = exam.heads().all();
        if (all.stream().allMatch(head -> head.header().isBlank())) {
            return List.of();
        }
        List<Head> labelled =
                all.stream().filter(head -> head.header().hasLabel()).toList();
        if (labelled.isEmpty()) {
            return List.of(Reading.met(id(), "label", NONE, NONE));
        }
        HeadContent content = labelled.get(0).header();
        String without = content.wordsWithoutLabel();
        Reading off = Reading.off(
                id(),
                "label",
                Quantity.words("“Running head:”"),
                NONE,
                HeadFixes.places(labelled, HeadContent::label),
                HeadFixes.write(exam, labelled, without, content.hasNumber()));
        return List.of(off.declaring(
                new Change(HeadFixes.shown(content), (without + (content.hasNumber() ? " #" : "")).strip())));
    }
}
