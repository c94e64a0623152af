package grintel.core.rule.opening;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.NewLine;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;

/**
 * Whether there is a title page. One is made of what facts and heading lines say, which then go; one that is not asked
 * for becomes heading lines.
 */
public final class OpeningTitlePageRule implements Rule {
    /** Twips: three double lines above the title, and one below it. */
    private static final int ABOVE = 1656;

    private static final int BELOW = 552;

    @Override
    public String id() {
        return "opening.title-page";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean asked = ask.get(OpeningDemands.TITLE_PAGE);
        boolean there = exam.parts().hasTitlePage();
        boolean known = exam.parts().index(PartKind.TITLE, 0) >= 0;
        return exam.whole()
                .check(id(), "page")
                .measure(paper -> Measure.word(there ? "a-title-page" : "no-title-page"))
                .asks(Measure.word(asked ? "a-title-page" : "no-title-page"))
                .fix(FixClass.ASK, (off, cause) -> asked ? made(exam) : undone(exam))
                .fixable(paper -> known && (asked || isRemovable(exam)))
                .readings();
    }

    private static List<Paragraph> titlePage(Examination exam) {
        return exam.paper().paragraphs().stream()
                .filter(paragraph ->
                        exam.parts().isOnTitlePage(paragraph.address().index()))
                .toList();
    }

    private static boolean isRemovable(Examination exam) {
        return titlePage(exam).stream().noneMatch(paragraph -> paragraph.endsSection() || paragraph.inTable())
                && exam.parts().index(PartKind.TITLE, titlePage(exam).size()) >= 0;
    }

    private static List<Edit> made(Examination exam) {
        List<Edit> edits = new ArrayList<>();
        OpeningWords words = new OpeningWords(exam);
        boolean bold = exam.ask("opening.title-form").get(OpeningDemands.BOLD) == Boldness.BOLD;
        List<Element> asked = exam.ask("opening.title-page-parts").get(OpeningDemands.PARTS);
        Paragraph first = exam.paper().paragraphs().get(0);
        for (Element element : asked) {
            String said = words.of(element);
            if (said != null && !said.isBlank()) {
                boolean title = element == Element.TITLE;
                boolean opens = element == asked.get(0);
                edits.add(new Edit.InsertParagraph(
                        Position.before(first.address()),
                        NewLine.centred(said, title && bold, opens ? ABOVE : 0, title ? BELOW : 0)));
            }
        }
        int title = exam.parts().index(PartKind.TITLE, 0);
        for (Paragraph line : exam.paper().paragraphs().subList(0, title)) {
            edits.add(new Edit.RemoveParagraph(line.address()));
        }
        edits.add(breakBefore(exam.paper().paragraphs().get(title), true));
        return edits;
    }

    private static List<Edit> undone(Examination exam) {
        List<Edit> edits = new ArrayList<>();
        OpeningWords words = new OpeningWords(exam);
        int title = exam.parts().index(PartKind.TITLE, titlePage(exam).size());
        Paragraph over = exam.paper().paragraphs().get(title);
        for (Element element : exam.ask("opening.heading-block").get(OpeningDemands.LINES)) {
            String said = words.of(element);
            if (said != null && !said.isBlank()) {
                edits.add(new Edit.InsertParagraph(Position.before(over.address()), NewLine.left(said)));
            }
        }
        titlePage(exam).forEach(line -> edits.add(new Edit.RemoveParagraph(line.address())));
        edits.add(breakBefore(over, false));
        return edits;
    }

    private static Edit breakBefore(Paragraph paragraph, boolean is) {
        return new Edit.SetProperty(
                new Target.OfParagraph(paragraph.address()), ParagraphProperties.PAGE_BREAK_BEFORE, is);
    }
}
