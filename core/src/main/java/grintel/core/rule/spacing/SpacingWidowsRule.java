package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.demand.SpacingDemands.Widows;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Form;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Widow and orphan control of text paragraphs as the guide asks. */
public final class SpacingWidowsRule implements Rule {
    @Override
    public String id() {
        return "spacing.widows";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Widows control = ask.get(SpacingDemands.CONTROL);
        if (control == Widows.ANY) {
            return List.of();
        }
        return Form.of(
                        "control",
                        ParagraphProperties.WIDOW_CONTROL,
                        control == Widows.KEEP,
                        keeps -> Measure.word(keeps ? "kept-together" : "loose"),
                        Kinds.welcome(exam))
                .readings(id(), Kinds.runningText(exam));
    }
}
