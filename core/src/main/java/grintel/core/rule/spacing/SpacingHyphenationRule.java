package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Words are not hyphenated automatically. */
public final class SpacingHyphenationRule implements Rule {
    @Override
    public String id() {
        return "spacing.hyphenation";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.whole()
                .check(id(), "hyphenation")
                .measure(paper -> Measure.word(paper.settings().hyphenates() ? "switched-on" : "switched-off"))
                .asks(Measure.word("switched-off"))
                .fix((papers, cause) -> List.of(new Edit.SetSetting(Edit.Setting.HYPHENATION, false)))
                .readings();
    }
}
