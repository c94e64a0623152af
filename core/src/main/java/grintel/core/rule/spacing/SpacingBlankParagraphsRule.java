package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/**
 * Blank paragraphs used as space. Those on a title page, between entries and beside tables are judged elsewhere or not
 * at all; those that push a part to a new page are {@code spacing.page-push}.
 */
public final class SpacingBlankParagraphsRule implements Rule {
    private static final Quantity NONE = Quantity.words("none");

    @Override
    public String id() {
        return "spacing.blank-paragraphs";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean titleIsFree = ask.get(SpacingDemands.AROUND_TITLE) == SpacingDemands.AroundTitle.FREE;
        List<Place> places = new ArrayList<>();
        List<Edit> edits = new ArrayList<>();
        int count = 0;
        for (BlankRun run : BlankRun.find(exam)) {
            if (run.isSpaceInText(exam, titleIsFree)) {
                Paragraph first = run.paragraphs().get(0);
                Place place = exam.place(first);
                Paragraph next = exam.paper().paragraphs().get(run.after());
                places.add(new Place(
                        place.part(), place.page(), place.paragraph(), "before: " + Examination.quote(next.text())));
                edits.addAll(run.removal());
                count += run.paragraphs().size();
            }
        }
        if (places.isEmpty()) {
            return List.of(Reading.met(id(), "blanks", NONE, NONE));
        }
        return List.of(Reading.off(
                id(),
                "blanks",
                Quantity.count(count, count == 1 ? "blank paragraph" : "blank paragraphs"),
                NONE,
                places,
                edits));
    }
}
