package grintel.core.rule.spacing;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.HardBreak;
import grintel.core.rule.Kinds;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.List;

/** Hard line breaks inside paragraphs of text; whether each should go, or end the paragraph, the writer must say. */
public final class SpacingLineBreaksRule implements Rule {
    @Override
    public String id() {
        return "spacing.line-breaks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> judged = Kinds.runningText(exam);
        return judged.filter(paragraph -> !HardBreak.in(paragraph).isEmpty())
                .check(id(), "breaks")
                .none("line-break", paragraph -> HardBreak.in(paragraph).size())
                .metIfNone(!judged.isEmpty())
                .fix(
                        FixClass.ASK,
                        (paragraphs, cause) -> paragraphs.stream()
                                .flatMap(paragraph -> HardBreak.in(paragraph).stream())
                                .map(HardBreak::removal)
                                .toList())
                .readings();
    }
}
