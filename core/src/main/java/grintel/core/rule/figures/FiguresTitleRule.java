package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.TitleReadings;
import grintel.core.structure.PartKind;
import java.util.List;

/** The title of each figure: on the line under its number or in it, in its slant and case. */
public final class FiguresTitleRule implements Rule {
    @Override
    public String id() {
        return "figures.title";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean above = FiguresPlaceRule.isAbove(exam);
        return new TitleReadings(id(), exam, PartKind.FIGURE, ask.get(FigureDemands.TITLE), above).readings();
    }
}
