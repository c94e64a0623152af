package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.List;

/** Two or more blank paragraphs that push a part to the next page in place of a break. */
public final class SpacingPagePushRule implements Rule {
    private static final Quantity BREAK = Quantity.words("a page break");

    @Override
    public String id() {
        return "spacing.page-push";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Reading> readings = new ArrayList<>();
        for (BlankRun run : BlankRun.find(exam)) {
            if (run.pushesPage(exam)) {
                Paragraph pushed = exam.paper().paragraphs().get(run.after());
                List<Edit> edits = run.removal();
                edits.add(new Edit.SetProperty(
                        new Target.OfParagraph(pushed.address()), ParagraphProperties.PAGE_BREAK_BEFORE, true));
                readings.add(Reading.off(
                        id(),
                        "push",
                        Quantity.count(run.paragraphs().size(), "blank paragraphs"),
                        BREAK,
                        List.of(exam.place(pushed)),
                        edits));
            }
        }
        if (!readings.isEmpty()) {
            return readings;
        }
        boolean anyPart = exam.paper().paragraphs().stream()
                .map(exam::role)
                .anyMatch(role -> role.startsPage() || role == Role.TITLE_PAGE);
        return anyPart ? List.of(Reading.met(id(), "push", BREAK, BREAK)) : List.of();
    }
}
