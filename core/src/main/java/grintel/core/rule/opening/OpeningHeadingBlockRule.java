package grintel.core.rule.opening;

import grintel.core.edit.Position;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/** The heading lines over the title of a paper without title page: what they name, in which order, at the margin. */
public final class OpeningHeadingBlockRule implements Rule {
    private static final Measure OWN_LINE = Measure.word("lines-of-their-own");

    @Override
    public String id() {
        return "opening.heading-block";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        int title = exam.parts().index(PartKind.TITLE, 0);
        if (exam.parts().hasTitlePage() || title < 0) {
            return List.of();
        }
        List<Element> asked = ask.get(OpeningDemands.LINES);
        OpeningElements found = OpeningElements.ofHeadingLines(exam, asked);
        Position start = Position.before(exam.paper().paragraphs().get(title).address());
        List<Reading> out =
                new ArrayList<>(new ElementCheck(id(), exam, found, asked, start, NewLine::left).readings());
        LineForm form = new LineForm(Stand.LEFT, Boldness.PLAIN, Slant.UPRIGHT, false);
        Subjects<Paragraph> lines = exam.paragraphs(found.lines().stream()
                .flatMap(line -> line.paragraphs().stream())
                .toList());
        out.addAll(form.readings(
                id(), exam, exam.lines(lines.filter(line -> !line.inTable()).all())));
        out.addAll(lines.check(id(), "grid")
                .measure(line -> line.inTable() ? Measure.word("in-a-table") : OWN_LINE)
                .asks(OWN_LINE)
                .readings());
        return out;
    }
}
