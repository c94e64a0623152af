package grintel.core.rule.survey;

import grintel.core.guide.demand.Station;
import grintel.core.rule.Examination;
import grintel.core.rule.Stroke;
import grintel.core.rule.Survey;
import grintel.core.structure.PartKind;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.List;

/** How far down its page the title over a text stands. */
public final class TitleSurvey implements Survey {
    @Override
    public Station station() {
        return Station.OPENING;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page) {
        for (ProofLine line : page.lines(PagePart.TEXT)) {
            int index = line.paragraph().index();
            if (!line.isEmpty()
                    && exam.parts().kind(index) == PartKind.TITLE
                    && !exam.parts().isOnTitlePage(index)) {
                return List.of(Stroke.down("title", 0, line.y(), page.frame().left(), 0));
            }
        }
        return List.of();
    }
}
