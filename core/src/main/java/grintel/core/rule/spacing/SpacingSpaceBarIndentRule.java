package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.LeadingSpace;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** First lines pushed in with the space bar, or with more than one tab. */
public final class SpacingSpaceBarIndentRule implements Rule {
    private static final Measure INDENT = Measure.word("an-indent");

    @Override
    public String id() {
        return "spacing.space-bar-indent";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return FirstLines.judged(exam)
                .check(id(), "space")
                .measure(paragraph -> made(LeadingSpace.of(paragraph)))
                .asks(INDENT)
                .fix((paragraphs, cause) -> edits(exam, paragraphs, cause))
                .readings();
    }

    private static Measure made(String space) {
        boolean one = space.isEmpty() || space.equals("\t");
        return one ? INDENT : Measure.word(space.indexOf('\t') >= 0 ? "tabs-and-spaces" : "spaces");
    }

    /** The indent the guide asks for takes the place of the spaces; where it asks for none, they only go. */
    private static List<Edit> edits(Examination exam, List<Paragraph> paragraphs, Cause cause) {
        Ask firstLine = exam.ask("spacing.first-line");
        return firstLine.isAsked()
                ? FirstLine.set(
                        cause, paragraphs, firstLine.get(SpacingDemands.INDENT).rounded())
                : paragraphs.stream()
                        .flatMap(paragraph -> LeadingSpace.removal(paragraph).stream())
                        .toList();
    }
}
