package grintel.core.rule.figures;

import grintel.core.edit.Edit;
import grintel.core.edit.Position;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.guide.demand.FigureDemands.Side;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.objects.Captioned;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;

/** A figure's caption stands on the side of the picture where the guide has it, and keeps company with the picture. */
public final class FiguresPlaceRule implements Rule {
    @Override
    public String id() {
        return "figures.place";
    }

    /** Whether captions of figures stand over them. */
    static boolean isAbove(Examination exam) {
        return exam.ask("figures.place").find(FigureDemands.CAPTION) == Side.ABOVE;
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Side asked = ask.get(FigureDemands.CAPTION);
        List<Captioned> figures = Captioned.all(exam, PartKind.FIGURE).stream()
                .filter(each -> each.caption() != null && !each.body().isEmpty())
                .toList();
        return Captioned.subjects(exam, figures)
                .check(id(), "place")
                .measure(each -> Measure.word(side(exam, each).id()))
                .asks(Measure.word(asked.id()))
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .flatMap(each -> moved(each, asked).stream())
                                .toList())
                .fixable(FiguresPlaceRule::isMovable)
                .readings();
    }

    private static Side side(Examination exam, Captioned figure) {
        Paragraph picture = figure.body().get(0);
        Paragraph caption = figure.said().line();
        boolean before = figure.isBoxed()
                ? stands(exam, caption) < stands(exam, picture)
                : caption.address().index() < picture.address().index();
        return before ? Side.ABOVE : Side.BELOW;
    }

    /** How far down the pages, one under the other, a paragraph lies, in millipoints. */
    private static long stands(Examination exam, Paragraph paragraph) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        if (lines.isEmpty()) {
            return 0;
        }
        Proof.Placed first = lines.get(0);
        return (long) first.page().number() * first.page().height()
                + first.line().y();
    }

    private static boolean isMovable(Captioned figure) {
        List<Paragraph> caption = figure.said().paragraphs();
        int first = caption.get(0).address().index();
        return caption.get(caption.size() - 1).address().index() - first == caption.size() - 1
                && caption.stream().noneMatch(paragraph -> paragraph.endsSection() || paragraph.inTable())
                && figure.body().stream().noneMatch(paragraph -> paragraph.endsSection() || paragraph.inTable());
    }

    private static List<Edit> moved(Captioned figure, Side asked) {
        List<Paragraph> caption = figure.said().paragraphs();
        List<Paragraph> pictures = figure.body();
        Position to = asked == Side.ABOVE
                ? Position.before(pictures.get(0).address())
                : Position.after(pictures.get(pictures.size() - 1).address());
        List<Edit> out = new ArrayList<>();
        out.add(new Edit.MoveParagraphs(caption.get(0).address(), caption.size(), to));
        List<Paragraph> leading = asked == Side.ABOVE ? caption : pictures;
        leading.forEach(paragraph -> out.add(new Edit.SetProperty(
                new Target.OfParagraph(paragraph.address()), ParagraphProperties.KEEP_WITH_NEXT, true)));
        if (asked == Side.BELOW) {
            caption.forEach(paragraph -> out.add(new Edit.SetProperty(
                    new Target.OfParagraph(paragraph.address()), ParagraphProperties.KEEP_WITH_NEXT, null)));
        }
        return out;
    }
}
