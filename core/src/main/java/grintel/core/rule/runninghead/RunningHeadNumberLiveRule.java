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

/** The page number is a live field, not typed digits that say the same on every page. */
public final class RunningHeadNumberLiveRule implements Rule {
    private static final Quantity LIVE = Quantity.words("a live number");

    @Override
    public String id() {
        return "running-head.number-live";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Head> numbered =
                exam.heads().judged().stream().filter(Head::hasNumber).toList();
        if (numbered.isEmpty()) {
            return List.of();
        }
        List<Head> typed = numbered.stream()
                .filter(head -> !head.header().live() && !head.footer().live())
                .toList();
        if (typed.isEmpty()) {
            return List.of(Reading.met(id(), "live", LIVE, LIVE));
        }
        HeadContent content = typed.get(0).header();
        Reading off = Reading.off(
                id(),
                "live",
                Quantity.words("typed “"
                        + (content.typed().isEmpty() ? typed.get(0).footer().typed() : content.typed()) + "”"),
                LIVE,
                HeadFixes.places(typed, HeadContent::typed),
                HeadFixes.write(exam, typed, content.words(), true));
        return List.of(off.declaring(new Change(HeadFixes.shown(content), (content.words() + " #").strip())));
    }
}
