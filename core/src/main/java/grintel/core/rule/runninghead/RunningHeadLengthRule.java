package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.HeadWords;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Characters of the short title in the header, spaces and punctuation counted; a label is not. */
public final class RunningHeadLengthRule implements Rule {
    @Override
    public String id() {
        return "running-head.length";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        int most = ask.get(RunningHeadDemands.CHARACTERS);
        String shorter = HeadWords.shortened(exam);
        return exam.heads()
                .subjects(List.of(exam.heads().reference()))
                .filter(head -> length(head) > 0)
                .check(id(), "length")
                .measure(head -> new Measure.Count(length(head), "character"))
                .asks(new Measure.Phrase("at-most", new Measure.Count(most, "character")))
                .metWhen((head, is) -> length(head) <= most)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(head ->
                                        HeadEdits.rewrite(exam, head, HeadEdits.labelled(head, shorter)).stream())
                                .toList())
                .fixable(head -> !shorter.isEmpty() && HeadEdits.isRewritable(head))
                .readings();
    }

    private static int length(Head head) {
        String words = head.header().wordsWithoutLabel();
        return words.codePointCount(0, words.length());
    }
}
