package grintel.core.rule.spacing;

import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.rule.Examination;
import grintel.core.rule.Form;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;
import java.util.function.Predicate;

/** Text paragraphs stand at the left margin with a ragged right edge, or as the guide asks. */
public final class SpacingAlignmentRule implements Rule {
    @Override
    public String id() {
        return "spacing.alignment";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Alignment asked = ask.get(SpacingDemands.ALIGNMENT) == SpacingDemands.Alignment.LEFT
                ? Alignment.LEFT
                : Alignment.JUSTIFIED;
        Predicate<Holder> welcome = holder -> Kinds.welcome(exam).test(holder)
                && holder.format().get(ParagraphProperties.ALIGNMENT) == Alignment.JUSTIFIED;
        return Form.of("alignment", ParagraphProperties.ALIGNMENT, asked, SpacingAlignmentRule::named, welcome)
                .readings(id(), Kinds.runningText(exam));
    }

    private static Measure named(Alignment alignment) {
        return Measure.word(
                switch (alignment) {
                    case LEFT -> "ragged-right";
                    case CENTRE -> "centred";
                    case RIGHT -> "flush-right";
                    case JUSTIFIED -> "justified";
                });
    }
}
