package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.LineForm;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Quotes;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.NamedPiece;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

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
        out.addAll(titleFirst(exam, title, found));
        LineForm form = new LineForm(Stand.LEFT, Boldness.PLAIN, Slant.UPRIGHT, false);
        Subjects<Paragraph> lines = exam.paragraphs(found.lines().stream()
                .flatMap(line -> line.paragraphs().stream())
                .toList());
        out.addAll(form.readings(
                id(), exam, exam.lines(lines.filter(line -> !line.inTable()).all())));
        out.addAll(shared(exam, lines, asked));
        out.addAll(lines.check(id(), "grid")
                .measure(line -> line.inTable() ? Measure.word("in-a-table") : OWN_LINE)
                .asks(OWN_LINE)
                .readings());
        return out;
    }

    /** The title stands under the lines, not over them. */
    private List<Reading> titleFirst(Examination exam, int title, OpeningElements found) {
        List<Paragraph> all = exam.paper().paragraphs();
        int last = found.lines().stream()
                .flatMap(line -> line.paragraphs().stream())
                .mapToInt(line -> line.address().index())
                .max()
                .orElse(-1);
        if (last < title) {
            return List.of();
        }
        int after = title + 1;
        while (exam.kind(all.get(after)) == PartKind.SUBTITLE) {
            after++;
        }
        List<Paragraph> moved = all.subList(title, after);
        Position under = Position.after(all.get(last).address());
        return exam.paragraphs(moved.subList(0, 1))
                .check(id(), "title-place")
                .measure(line -> Measure.word("over-the-heading-lines"))
                .asks(Measure.word("under-the-heading-lines"))
                .fix(
                        FixClass.ASK,
                        (off, cause) ->
                                List.of(new Edit.MoveParagraphs(off.get(0).address(), moved.size(), under)))
                .fixable(line -> moved.stream().noneMatch(each -> each.endsSection() || each.hasPageBreak()))
                .readings();
    }

    /** Lines that name two things the guide has on lines of their own; the class beside its teacher may stand. */
    private List<Reading> shared(Examination exam, Subjects<Paragraph> lines, List<Element> asked) {
        return lines.filter(line -> !line.inTable() && named(exam, line, asked).size() > 1)
                .check(id(), "shared")
                .eachApart()
                .measure(line -> new Measure.Quote(Quotes.first(line.text())))
                .asks(OWN_LINE)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(line -> parted(exam, line).stream())
                                .toList())
                .readings();
    }

    private static Set<Element> named(Examination exam, Paragraph line, List<Element> asked) {
        Set<Element> out = EnumSet.noneOf(Element.class);
        for (NamedPiece piece : exam.parts().pieces(line.address().index())) {
            OpeningElements.addTo(out, piece.kind(), asked);
        }
        out.retainAll(asked);
        if (out.contains(Element.INSTRUCTOR)) {
            out.remove(Element.CLASS_PERIOD);
        }
        return out;
    }

    /** Each piece on a line of its own, without the sign that stood between it and the one before. */
    private static List<Edit> parted(Examination exam, Paragraph line) {
        List<Edit> signs = new ArrayList<>();
        List<Edit> parted = new ArrayList<>();
        List<NamedPiece> pieces = exam.parts().pieces(line.address().index());
        // Characters go first, so that lines end where the pieces do once the signs are gone; the last line is parted
        // first.
        int gone = 0;
        for (int i = 1; i < pieces.size(); i++) {
            int from = pieces.get(i - 1).range().to();
            int to = pieces.get(i).range().from();
            gone += to - from;
            signs.add(Edit.ReplaceText.words(new TextRange(line.address(), from, to), ""));
            parted.add(0, new Edit.SplitParagraph(line.address(), to - gone));
        }
        signs.addAll(parted);
        return signs;
    }
}
