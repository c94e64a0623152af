package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** First lines pushed in with the space bar, or with more than one tab. */
public final class SpacingSpaceBarIndentRule implements Rule {
    private static final Quantity INDENT = Quantity.words("an indent");

    @Override
    public String id() {
        return "spacing.space-bar-indent";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> judged = FirstLines.judged(exam);
        List<Paragraph> off = new ArrayList<>();
        boolean tabs = false;
        for (Paragraph paragraph : judged) {
            String space = FirstLines.leadingSpace(paragraph);
            if (!space.isEmpty() && !space.equals("\t")) {
                off.add(paragraph);
                tabs |= space.indexOf('\t') >= 0;
            }
        }
        if (judged.isEmpty()) {
            return List.of();
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "space", INDENT, INDENT));
        }
        return List.of(Reading.off(
                id(),
                "space",
                Quantity.words(tabs ? "tabs and spaces" : "spaces"),
                INDENT,
                exam.places(off),
                edits(exam, off)));
    }

    /** The indent the guide asks for takes the place of the spaces; where it asks for none, they only go. */
    private static List<Edit> edits(Examination exam, List<Paragraph> paragraphs) {
        Ask firstLine = exam.brief().guide().ask("spacing.first-line");
        if (firstLine.isAsked()) {
            return SpacingFirstLineRule.edits(
                    exam, paragraphs, firstLine.get(SpacingDemands.INDENT).rounded());
        }
        List<Edit> edits = new ArrayList<>();
        paragraphs.forEach(paragraph -> edits.addAll(FirstLines.removeLeadingSpace(paragraph)));
        return edits;
    }
}
