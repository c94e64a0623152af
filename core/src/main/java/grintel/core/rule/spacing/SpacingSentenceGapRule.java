package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** One space after a sentence. */
public final class SpacingSentenceGapRule implements Rule {
    private static final Measure ONE = new Measure.Count(1, "space");
    private static final String ENDS = ".!?";
    private static final String CLOSERS = "\"'\u201D\u2019)]";
    /** No more quotation marks and brackets than these close with a sentence. */
    private static final int MOST_CLOSERS = 3;

    private static final Set<PartKind> JUDGED = EnumSet.of(
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.ABSTRACT_TEXT,
            PartKind.BLOCK_QUOTATION,
            PartKind.LIST_ITEM);

    @Override
    public String id() {
        return "spacing.sentence-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> judged = exam.paragraphs(JUDGED);
        return judged.each(
                        paragraph -> gaps(exam, paragraph),
                        gap -> exam.place(gap.paragraph, gap.around()),
                        gap -> exam.identity(gap.paragraph))
                .check(id(), "gap")
                .measure(gap -> new Measure.Count(gap.to - gap.from, "space"))
                .asks(ONE)
                .metIfNone(!judged.isEmpty())
                .fix((gaps, cause) -> gaps.stream()
                        .<Edit>map(gap -> Edit.ReplaceText.words(gap.visible.range(gap.from + 1, gap.to), ""))
                        .toList())
                .readings();
    }

    private static List<Gap> gaps(Examination exam, Paragraph paragraph) {
        if (!exam.glance(paragraph).holdsTwoSpaces()) {
            return List.of();
        }
        VisibleText visible = VisibleText.of(paragraph);
        String text = visible.text();
        List<Gap> out = new ArrayList<>();
        for (int from = text.indexOf("  "); from >= 0; ) {
            int to = from;
            while (to < text.length() && text.charAt(to) == ' ') {
                to++;
            }
            if (to < text.length() && !Character.isWhitespace(text.charAt(to)) && endsSentence(text, from)) {
                out.add(new Gap(paragraph, visible, from, to));
            }
            from = text.indexOf("  ", to);
        }
        return out;
    }

    /** Whether a sentence ends before a place. */
    private static boolean endsSentence(String text, int at) {
        int end = at - 1;
        while (end >= 0 && at - end <= MOST_CLOSERS && CLOSERS.indexOf(text.charAt(end)) >= 0) {
            end--;
        }
        return end >= 0 && ENDS.indexOf(text.charAt(end)) >= 0;
    }

    private record Gap(Paragraph paragraph, VisibleText visible, int from, int to) {
        String around() {
            return visible.around(from, to);
        }
    }
}
