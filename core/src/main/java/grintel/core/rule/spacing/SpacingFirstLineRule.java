package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.PageLines;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** Where the first line of each text paragraph starts, as laid out: indents, tabs and spaces all count. */
public final class SpacingFirstLineRule implements Rule {
    @Override
    public String id() {
        return "spacing.first-line";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length indent = ask.get(SpacingDemands.INDENT);
        return FirstLine.readings(id(), "first-line", exam, FirstLines.judged(exam), indent);
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        PageLines.Pair pair = PageLines.pairWithIndent(page, readings);
        if (pair == null) {
            return List.of();
        }
        Reading reading = PageLines.of(readings, "first-line", pair.upper());
        Stroke stroke = Stroke.across(
                "first-line",
                pair.upper().columnLeft(),
                pair.upper().x(),
                pair.upper().y(),
                pair.upper().top());
        return List.of(stroke.of(reading == null ? readings : List.of(reading)));
    }
}
