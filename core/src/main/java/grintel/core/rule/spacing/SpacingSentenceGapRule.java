package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Glance;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** One space after a sentence. */
public final class SpacingSentenceGapRule implements Rule {
    private static final Measure ONE = new Measure.Count(1, "space");
    private static final Pattern GAP = Pattern.compile("[.!?][\"'\u201D\u2019)\\]]{0,3}( {2,})(?=\\S)");
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
                        SpacingSentenceGapRule::gaps,
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

    private static List<Gap> gaps(Paragraph paragraph) {
        if (!Glance.holdsTwoSpaces(paragraph)) {
            return List.of();
        }
        VisibleText visible = VisibleText.of(paragraph);
        List<Gap> out = new ArrayList<>();
        Matcher gap = GAP.matcher(visible.text());
        while (gap.find()) {
            out.add(new Gap(paragraph, visible, gap.start(1), gap.end(1)));
        }
        return out;
    }

    private record Gap(Paragraph paragraph, VisibleText visible, int from, int to) {
        String around() {
            return visible.around(from, to);
        }
    }
}
