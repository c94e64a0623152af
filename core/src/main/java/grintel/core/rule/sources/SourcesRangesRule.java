package grintel.core.rule.sources;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.language.NumberRanges;
import grintel.core.paper.Paragraph;
import grintel.core.paper.VisibleText;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.List;

/** An en dash between the two numbers of a range; where the guide lets it stand, a hyphen. */
public final class SourcesRangesRule implements Rule {
    private static final Measure DASH = Measure.word("en-dash");
    private static final Measure HYPHEN = Measure.word("hyphen");

    @Override
    public String id() {
        return "sources.ranges";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean either = ask.get(SourceDemands.RANGES) == SourceDemands.Range.EITHER;
        Subjects<Paragraph> entries = Entries.paragraphs(exam);
        return entries.each(
                        SourcesRangesRule::ranges,
                        range -> exam.place(range.paragraph, range.words()),
                        range -> exam.identity(range.paragraph))
                .check(id(), "mark")
                .measure(range -> range.found.hyphen() ? HYPHEN : DASH)
                .asks(DASH)
                .metWhen((range, is) -> either)
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream().map(Range::dashed).toList())
                .readings();
    }

    private static List<Range> ranges(Paragraph paragraph) {
        VisibleText visible = VisibleText.of(paragraph);
        return NumberRanges.in(visible.text()).stream()
                .map(found -> new Range(paragraph, visible, found))
                .toList();
    }

    private record Range(Paragraph paragraph, VisibleText visible, NumberRanges.Found found) {
        String words() {
            return visible.text().substring(found.from(), found.to());
        }

        Edit dashed() {
            return Edit.ReplaceText.words(visible.range(found.mark(), found.markEnd()), "–");
        }
    }
}
