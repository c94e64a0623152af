package grintel.core.rule.sheet;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** Distance of the header from the sheet's upper edge, in every section. */
public final class SheetHeaderDistanceRule implements Rule {
    @Override
    public String id() {
        return "sheet.header-distance";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length asked = ask.get(SheetDemands.HEADER);
        return exam.sections()
                .check(id(), "header")
                .measure(section -> Measure.distance(section.get(SectionProperties.HEADER_DISTANCE), asked.unit()))
                .asks(Measure.distance(asked))
                .fix(SectionEdits.set(SectionProperties.HEADER_DISTANCE, asked.rounded()))
                .readings();
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        return List.of(
                Stroke.down("header", 0, page.headerDistance(), page.frame().left(), 0)
                        .of(readings));
    }
}
