package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import java.util.ArrayList;
import java.util.List;

/** No hidden words travel along. Putting them right shows them; whether they then stay, the writer sees. */
public final class HandInHiddenRule implements Rule {
    @Override
    public String id() {
        return "hand-in.hidden";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> all = new ArrayList<>(exam.paper().paragraphs());
        all.addAll(exam.paper().noteParagraphs());
        return RunGroup.of(exam, exam.paragraphs(all), inline -> isHidden(inline) ? Measure.word("hidden") : null)
                .check(id(), "hidden")
                .none("paragraph-with-hidden-words", group -> 1)
                .metIfNone(true)
                .fix(
                        FixClass.ASK,
                        (groups, cause) -> cause.set(RunGroup.holders(groups), CharacterProperties.HIDDEN, false))
                .fixable(group -> !exam.cause()
                        .set(RunGroup.holders(List.of(group)), CharacterProperties.HIDDEN, false)
                        .isEmpty())
                .readings();
    }

    private static boolean isHidden(Inline inline) {
        return inline instanceof Inline.Text text
                && text.hidden()
                && !text.text().isBlank();
    }
}
