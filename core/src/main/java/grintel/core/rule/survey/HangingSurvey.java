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

/** How far the later lines of an entry stand in from its first. */
public final class HangingSurvey implements Survey {
    private static final int SEEN = 5_000;

    @Override
    public Station station() {
        return Station.SOURCES;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page) {
        List<ProofLine> lines = page.lines(PagePart.TEXT);
        for (int i = 1; i < lines.size(); i++) {
            ProofLine first = lines.get(i - 1);
            ProofLine second = lines.get(i);
            boolean hangs = second.paragraph().equals(first.paragraph())
                    && first.lineInParagraph() == 0
                    && second.x() - first.x() > SEEN
                    && exam.parts().kind(first.paragraph().index()) == PartKind.ENTRY;
            if (hangs) {
                return List.of(Stroke.across("hanging", first.x(), second.x(), second.y(), second.top()));
            }
        }
        return List.of();
    }
}
