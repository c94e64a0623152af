package grintel.core.rule.text;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Gaps;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Items of lists: bullets and numbers that the program counts, lines and gaps as the text's, not set in too far. */
public final class TextListsRule implements Rule {
    private static final int MOST_SET_IN = 1440;
    private static final int USUAL = 720;
    private static final int HANGING = -360;

    @Override
    public String id() {
        return "text.lists";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> items = exam.paragraphs(exam.parts().paragraphs(PartKind.LIST_ITEM))
                .filter(paragraph ->
                        !exam.parts().isInAppendix(paragraph.address().index()));
        Predicate<Holder> welcome = holder -> exam.kind(holder.paragraph()) == PartKind.LIST_ITEM;
        List<Reading> out = new ArrayList<>();
        out.addAll(items.check(id(), "mark")
                .measure(paragraph -> Measure.word(paragraph.label() == null ? "typed-marks" : "counted-marks"))
                .asks(Measure.word("counted-marks"))
                .readings());
        out.addAll(LinePitch.readings(id(), items, exam.ask("spacing.line").get(SpacingDemands.MULTIPLE), welcome));
        out.addAll(items.check(id(), "gap")
                .measure(paragraph -> Measure.distance(gap(exam, paragraph), Length.Unit.POINTS))
                .asks(Measure.distance(0, Length.Unit.POINTS))
                .fix((off, cause) -> closed(off, cause, welcome))
                .readings());
        out.addAll(items.check(id(), "indent")
                .measure(paragraph -> Measure.distance(paragraph.leftIndent(), Length.Unit.INCHES))
                .asks(new Measure.Phrase("at-most", Measure.distance(MOST_SET_IN, Length.Unit.INCHES)))
                .metWhen((paragraph, is) -> paragraph.leftIndent() <= MOST_SET_IN + Measure.TOLERANCE)
                .fix((off, cause) -> setIn(off, cause, welcome))
                .readings());
        return out;
    }

    private static double gap(Examination exam, Paragraph paragraph) {
        return Gaps.before(exam.neighbour(paragraph, -1), paragraph)
                + (double) Gaps.after(paragraph, exam.neighbour(paragraph, 1));
    }

    private static List<Edit> closed(List<Paragraph> off, Cause cause, Predicate<Holder> welcome) {
        List<Holder> holders = Cause.paragraphs(off);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(cause.set(holders, ParagraphProperties.SPACE_BEFORE_AUTO, false, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.SPACE_AFTER_AUTO, false, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.SPACE_BEFORE, 0, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.SPACE_AFTER, 0, welcome));
        return edits;
    }

    private static List<Edit> setIn(List<Paragraph> off, Cause cause, Predicate<Holder> welcome) {
        List<Holder> holders = Cause.paragraphs(off);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT_CHARACTERS, 0, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT, USUAL, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_FIRST_LINE, HANGING, welcome));
        return edits;
    }
}
