package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Words are not hyphenated automatically. */
public final class SpacingHyphenationRule implements Rule {
    private static final Quantity OFF = Quantity.words("off");

    @Override
    public String id() {
        return "spacing.hyphenation";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        if (!exam.paper().settings().hyphenates()) {
            return List.of(Reading.met(id(), "hyphenation", OFF, OFF));
        }
        return List.of(Reading.off(
                id(),
                "hyphenation",
                Quantity.words("on"),
                OFF,
                List.of(Place.ofPage(1)),
                List.of(new Edit.SetSetting(Edit.Setting.HYPHENATION, false))));
    }
}
