package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
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
        String words = exam.heads().reference().header().wordsWithoutLabel();
        if (words.isEmpty()) {
            return List.of();
        }
        int most = ask.get(RunningHeadDemands.CHARACTERS);
        int is = words.codePointCount(0, words.length());
        Quantity measured = Quantity.count(is, "characters");
        Quantity asked = Quantity.count(most, "characters at most");
        if (is <= most) {
            return List.of(Reading.met(id(), "length", measured, asked));
        }
        return List.of(Reading.off(
                id(),
                "length",
                measured,
                asked,
                HeadFixes.places(List.of(exam.heads().reference())),
                List.of()));
    }
}
