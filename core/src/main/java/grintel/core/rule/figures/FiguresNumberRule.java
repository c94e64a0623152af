package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.NumberReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The number of each figure: its words, its looks, counted in the order in which the figures stand. */
public final class FiguresNumberRule implements Rule {
    @Override
    public String id() {
        return "figures.number";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean above = FiguresPlaceRule.isAbove(exam);
        return new NumberReadings(id(), exam, PartKind.FIGURE, ask.get(FigureDemands.NUMBER), above).readings();
    }
}
