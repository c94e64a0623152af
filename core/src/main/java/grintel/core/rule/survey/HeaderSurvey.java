package grintel.core.rule.survey;

import grintel.core.guide.demand.Station;
import grintel.core.rule.Examination;
import grintel.core.rule.Stroke;
import grintel.core.rule.Survey;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** How far the header stands from the sheet's edge, and its line from the text. */
public final class HeaderSurvey implements Survey {
    @Override
    public Station station() {
        return Station.RUNNING_HEAD;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page) {
        int left = page.frame().left();
        Stroke distance = Stroke.down("header", 0, page.headerDistance(), left, 0);
        for (ProofLine line : page.lines(PagePart.HEADER)) {
            if (!line.isEmpty()) {
                return List.of(
                        distance, Stroke.down("to-text", line.y(), page.frame().top(), left, 0));
            }
        }
        return List.of(distance);
    }
}
