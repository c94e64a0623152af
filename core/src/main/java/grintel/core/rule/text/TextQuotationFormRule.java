package grintel.core.rule.text;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.demand.TextDemands;
import grintel.core.guide.value.Length;
import grintel.core.language.Quoted;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.VisibleText;
import grintel.core.rule.BlockGap;
import grintel.core.rule.Check;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.LeadingSpace;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Gaps;
import grintel.core.typeset.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** How a block quotation is set: how far in, its lines, what stands above and below it, no marks around it. */
public final class TextQuotationFormRule implements Rule {
    private static final Measure NONE = Measure.word("none");

    @Override
    public String id() {
        return "text.quotation-form";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length indent = ask.get(TextDemands.INDENT);
        Predicate<Holder> welcome = holder -> exam.kind(holder.paragraph()) == PartKind.BLOCK_QUOTATION;
        List<Paragraph> all = new ArrayList<>();
        Blocks.of(exam).forEach(block -> all.addAll(block.paragraphs()));
        Subjects<Paragraph> blocks = exam.paragraphs(all);
        List<Reading> out = new ArrayList<>();
        out.addAll(blocks.check(id(), "indent")
                .measure(paragraph -> indent(exam, paragraph, indent.unit()))
                .asks(Measure.distance(indent))
                .fix((off, cause) -> setIn(off, cause, indent.rounded(), welcome))
                .readings());
        out.addAll(LinePitch.readings(id(), blocks, ask.get(TextDemands.MULTIPLE), welcome));
        out.addAll(gaps(exam, ask.get(TextDemands.GAP), welcome));
        out.addAll(exam.paragraphs(Blocks.of(exam).stream()
                        .filter(block -> block.paragraphs().size() == 1)
                        .map(Blocks.Block::first)
                        .toList())
                .check(id(), "marks")
                .measure(paragraph ->
                        Quoted.isWhole(VisibleText.of(paragraph).text()) ? Measure.word("quotation-marks") : NONE)
                .asks(NONE)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> unmarked(paragraph).stream())
                                .toList())
                .readings());
        return out;
    }

    /** How far in the lines of a block stand: its second, or the first of one that has no other. */
    private static @Nullable Measure indent(Examination exam, Paragraph paragraph, Length.Unit unit) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        return lines.isEmpty()
                ? null
                : Measure.distance(
                        FirstLine.fromMargin(
                                lines.get(Math.min(1, lines.size() - 1)).line()),
                        unit);
    }

    private static List<Edit> setIn(List<Paragraph> off, Cause cause, int indent, Predicate<Holder> welcome) {
        List<Holder> holders = Cause.paragraphs(off);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT_CHARACTERS, 0, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT, indent, welcome));
        off.forEach(paragraph -> edits.addAll(LeadingSpace.removalFromLines(paragraph)));
        return edits;
    }

    /** What stands above and below a block: by its own space alone, since that of the text is the text's. */
    private List<Reading> gaps(Examination exam, Gap gap, Predicate<Holder> welcome) {
        boolean line = gap == Gap.ONE_LINE;
        List<Blocks.Block> blocks = Blocks.of(exam);
        List<Reading> out = new ArrayList<>();
        out.addAll(gap(exam.paragraphs(blocks.stream().map(Blocks.Block::first).toList()), "gap-above", line)
                .measure(paragraph -> gap(Gaps.before(exam.neighbour(paragraph, -1), paragraph)))
                .fix((off, cause) -> spaced(
                        off,
                        cause,
                        ParagraphProperties.SPACE_BEFORE_AUTO,
                        ParagraphProperties.SPACE_BEFORE,
                        line,
                        welcome))
                .readings());
        out.addAll(gap(exam.paragraphs(blocks.stream().map(Blocks.Block::last).toList()), "gap-below", line)
                .measure(paragraph -> gap(Gaps.after(paragraph, exam.neighbour(paragraph, 1))))
                .fix((off, cause) -> spaced(
                        off,
                        cause,
                        ParagraphProperties.SPACE_AFTER_AUTO,
                        ParagraphProperties.SPACE_AFTER,
                        line,
                        welcome))
                .readings());
        return out;
    }

    private Check<Paragraph> gap(Subjects<Paragraph> ends, String quantity, boolean line) {
        return ends.check(id(), quantity)
                .asks(line ? Measure.word("blank-line-between") : Measure.distance(0, Length.Unit.POINTS))
                .metWhen((paragraph, is) -> line && BlockGap.isLine(paragraph, (Measure.Distance) is));
    }

    private static Measure gap(int twips) {
        return Measure.distance(twips, Length.Unit.POINTS);
    }

    private static List<Edit> spaced(
            List<Paragraph> off,
            Cause cause,
            Property<Boolean> auto,
            Property<Integer> space,
            boolean line,
            Predicate<Holder> welcome) {
        List<Holder> holders = Cause.paragraphs(off);
        List<Edit> edits = new ArrayList<>(cause.set(holders, auto, false, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.SAME_STYLE_SUPPRESSION, false, welcome));
        edits.addAll(cause.set(holders, space, line ? BlockGap.line(off.get(0)) : 0));
        return edits;
    }

    private static List<Edit> unmarked(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        Quoted.Passage passage = Quoted.in(visible.text()).get(0);
        return List.of(
                Edit.ReplaceText.words(visible.range(passage.from(), passage.from() + 1), ""),
                Edit.ReplaceText.words(visible.range(passage.to() - 1, passage.to()), ""));
    }
}
