package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import grintel.core.typeset.PagePart;
import java.util.ArrayList;
import java.util.List;

/** Something in the footer that the guide does not ask for; whether it may go, the writer must say. */
public final class RunningHeadFooterRule implements Rule {
    private static final Quantity EMPTY = Quantity.words("empty");

    @Override
    public String id() {
        return "running-head.footer";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Place> places = new ArrayList<>();
        String shown = "";
        for (Head head : exam.heads().all()) {
            // A number that stands only in the footer is a matter of its place.
            boolean onlyNumber =
                    head.footer().words().isEmpty() && !head.header().hasNumber();
            if (!head.footer().isBlank() && !onlyNumber) {
                String text = HeadFixes.shown(head.footer());
                shown = shown.isEmpty() ? text : shown;
                places.add(new Place(PagePart.FOOTER, head.pages().get(0), 0, Examination.quote(text)));
            }
        }
        if (places.isEmpty()) {
            return List.of(Reading.met(id(), "footer", EMPTY, EMPTY));
        }
        return List.of(Reading.off(
                id(), "footer", Quantity.words("“" + Examination.quote(shown) + "”"), EMPTY, places, List.of()));
    }
}
