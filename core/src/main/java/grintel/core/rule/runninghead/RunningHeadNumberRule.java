package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.rule.Change;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import java.util.List;

/** A page number on every page that must have one. */
public final class RunningHeadNumberRule implements Rule {
    private static final Quantity ONE = Quantity.words("a number on every page");

    @Override
    public String id() {
        return "running-head.number";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Head> bare =
                exam.heads().judged().stream().filter(head -> !head.hasNumber()).toList();
        if (bare.isEmpty()) {
            return List.of(Reading.met(id(), "number", ONE, ONE));
        }
        int pages = bare.stream().mapToInt(head -> head.pages().size()).sum();
        String words = bare.get(0).header().words();
        Reading off = Reading.off(
                id(),
                "number",
                Quantity.count(pages, pages == 1 ? "page without" : "pages without"),
                ONE,
                HeadFixes.places(bare),
                HeadFixes.write(exam, bare, words, true));
        return List.of(off.declaring(new Change(words, (words + " #").strip())));
    }
}
