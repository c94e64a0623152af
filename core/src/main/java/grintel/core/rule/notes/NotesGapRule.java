package grintel.core.rule.notes;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.BlockGap;
import grintel.core.rule.Examination;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.typeset.Gaps;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** What stands between one note and the next: space, and blank paragraphs at a note's end. */
public final class NotesGapRule implements Rule {
    @Override
    public String id() {
        return "notes.gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean line = ask.get(NoteDemands.GAP) == Gap.ONE_LINE;
        List<List<Paragraph>> notes = NoteParagraphs.ofNotes(exam);
        List<Pair> pairs = new ArrayList<>();
        for (int i = 1; i < notes.size(); i++) {
            List<Paragraph> before = notes.get(i - 1);
            pairs.add(new Pair(before.get(before.size() - 1), notes.get(i).get(0)));
        }
        return exam.whole()
                .each(paper -> pairs, pair -> exam.place(pair.above), pair -> exam.identity(pair.above))
                .check(id(), "gap")
                .measure(pair -> Measure.distance(gap(exam, pair), Length.Unit.POINTS))
                .asks(line ? Measure.word("blank-line-between") : Measure.distance(0, Length.Unit.POINTS))
                .metWhen((pair, is) -> line && BlockGap.isLine(pair.above, (Measure.Distance) is))
                .fix((off, cause) -> spaced(exam, off, line, cause))
                .readings();
    }

    private static double gap(Examination exam, Pair pair) {
        boolean add = exam.paper().settings().gapsAdd();
        double twips = 0;
        Paragraph above = pair.above;
        for (Paragraph blank : blanks(exam, pair)) {
            twips += Gaps.between(above, blank, add) + LinePitch.twips(blank);
            above = blank;
        }
        return twips + Gaps.between(above, pair.below, add);
    }

    /** The blank paragraphs after the last one of a note. */
    private static List<Paragraph> blanks(Examination exam, Pair pair) {
        List<Paragraph> story = exam.paper().story(pair.above.address().story());
        boolean same = pair.above.address().story().equals(pair.below.address().story());
        int end = same ? pair.below.address().index() : story.size();
        return story.subList(pair.above.address().index() + 1, end);
    }

    private static List<Edit> spaced(Examination exam, List<Pair> off, boolean line, Cause cause) {
        List<Edit> edits = new ArrayList<>();
        for (Pair pair : off) {
            blanks(exam, pair).forEach(blank -> edits.add(new Edit.RemoveParagraph(blank.address())));
        }
        Predicate<Holder> welcome = NoteParagraphs.welcome(exam);
        List<Holder> above = Cause.paragraphs(off.stream().map(Pair::above).toList());
        List<Holder> below = Cause.paragraphs(off.stream().map(Pair::below).toList());
        int space = line ? BlockGap.line(off.get(0).above) : 0;
        if (line) {
            edits.addAll(cause.set(above, ParagraphProperties.SAME_STYLE_SUPPRESSION, false, welcome));
        }
        edits.addAll(cause.set(above, ParagraphProperties.SPACE_AFTER_AUTO, false, welcome));
        edits.addAll(cause.set(above, ParagraphProperties.SPACE_AFTER, space, welcome));
        edits.addAll(cause.set(below, ParagraphProperties.SPACE_BEFORE_AUTO, false, welcome));
        edits.addAll(cause.set(below, ParagraphProperties.SPACE_BEFORE, 0, welcome));
        return edits;
    }

    private record Pair(Paragraph above, Paragraph below) {}
}
