package grintel.core.rule.opening;

import grintel.core.edit.Position;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** What stands on the title page, in which order, and how its lines look beside the title. */
public final class OpeningTitlePagePartsRule implements Rule {
    @Override
    public String id() {
        return "opening.title-page-parts";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        if (!exam.parts().hasTitlePage()) {
            return List.of();
        }
        List<Element> asked = ask.get(OpeningDemands.PARTS);
        OpeningElements found = OpeningElements.ofTitlePage(exam, asked);
        List<Reading> out = new ArrayList<>(new ElementCheck(
                        id(),
                        exam,
                        found,
                        asked,
                        Position.before(exam.paper().paragraphs().get(0).address()),
                        words -> NewLine.centred(words, false, 0, 0))
                .readings());
        List<Paragraph> lines = exam.paper().paragraphs().stream()
                .filter(paragraph ->
                        exam.parts().isOnTitlePage(paragraph.address().index())
                                && exam.kind(paragraph).isOfOpening()
                                && exam.kind(paragraph) != PartKind.TITLE
                                && exam.kind(paragraph) != PartKind.SUBTITLE)
                .toList();
        out.addAll(LineForm.centred(Boldness.PLAIN).readings(id(), exam, exam.lines(lines)));
        return out;
    }
}
