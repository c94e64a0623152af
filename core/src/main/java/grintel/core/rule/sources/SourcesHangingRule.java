package grintel.core.rule.sources;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.FirstLine;
import grintel.core.rule.LeadingSpace;
import grintel.core.rule.Measure;
import grintel.core.rule.PageLines;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The first line of an entry at the margin, its others set in: as laid out, however that was made. */
public final class SourcesHangingRule implements Rule {
    @Override
    public String id() {
        return "sources.hanging";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length indent = ask.get(SourceDemands.INDENT);
        Subjects<Paragraph> entries = Entries.paragraphs(exam);
        List<Reading> out = new ArrayList<>(check(exam, entries, "first", 0, new Length(0, indent.unit()), indent));
        out.addAll(check(exam, entries, "hanging", 1, indent, indent));
        return out;
    }

    private List<Reading> check(
            Examination exam, Subjects<Paragraph> entries, String quantity, int line, Length asked, Length indent) {
        return entries.check(id(), quantity)
                .measure(paragraph -> fromMargin(exam, paragraph, line, indent.unit()))
                .asks(Measure.distance(asked))
                .fix((off, cause) -> hang(exam, off, cause, indent.rounded()))
                .readings();
    }

    private static @Nullable Measure fromMargin(Examination exam, Paragraph paragraph, int number, Length.Unit unit) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        if (lines.size() <= number) {
            return null;
        }
        return Measure.distance(FirstLine.fromMargin(lines.get(number).line()), unit);
    }

    /** Hangs entries by their indents, in their style where they have one of their own. */
    private static List<Edit> hang(Examination exam, List<Paragraph> off, Cause cause, int indent) {
        Predicate<Holder> welcome = holder -> exam.kind(holder.paragraph()) == PartKind.ENTRY;
        List<Holder> holders = Cause.paragraphs(off);
        List<Edit> edits = new ArrayList<>();
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS, 0, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT_CHARACTERS, 0, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_LEFT, indent, welcome));
        edits.addAll(cause.set(holders, ParagraphProperties.INDENT_FIRST_LINE, -indent, welcome));
        off.forEach(paragraph -> edits.addAll(LeadingSpace.removal(paragraph)));
        return edits;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        PageLines.Pair pair =
                PageLines.firstTwo(page, readings, entry -> exam.parts().kind(entry.index()) == PartKind.ENTRY);
        if (pair == null) {
            return List.of();
        }
        ProofLine second = pair.lower();
        Reading reading = PageLines.of(readings, "hanging", second);
        return List.of(Stroke.across("hanging", second.columnLeft(), second.x(), second.y(), second.top())
                .of(reading == null ? readings : List.of(reading)));
    }
}
