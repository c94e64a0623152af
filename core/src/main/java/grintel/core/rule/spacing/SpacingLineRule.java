package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Measure;
import grintel.core.rule.PageLines;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** Distance from baseline to baseline in lines of the paragraph's own type. */
public final class SpacingLineRule implements Rule {
    @Override
    public String id() {
        return "spacing.line";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        double multiple = ask.get(SpacingDemands.MULTIPLE);
        return LinePitch.readings(id(), Kinds.spacedAsText(exam), multiple, Kinds.welcome(exam));
    }

    /** From the first line of a paragraph to its second, where the finding is, else at the head of the page. */
    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        PageLines.Pair pair = PageLines.pairInParagraph(page, readings);
        if (pair == null) {
            return List.of();
        }
        Stroke stroke = Stroke.down(
                "line", pair.upper().y(), pair.lower().y(), page.frame().left(), 0);
        Reading reading = PageLines.of(readings, "line", pair.upper());
        if (reading == null) {
            return List.of(stroke.of(readings));
        }
        double is = reading.is() instanceof Measure.Lines lines ? lines.lines() : 1;
        double asked = reading.asked() instanceof Measure.Lines lines ? lines.lines() : 1;
        int pitch = pair.lower().y() - pair.upper().y();
        Integer edge = reading.off() ? pair.upper().y() + (int) Math.round(pitch * asked / is) : null;
        return List.of(stroke.of(reading, edge));
    }
}
