package grintel.core.rule.notes;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.rule.Examination;
import grintel.core.rule.LinePitch;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** Line spacing inside notes. */
public final class NotesSpacingRule implements Rule {
    @Override
    public String id() {
        return "notes.spacing";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return LinePitch.readings(
                id(), NoteParagraphs.of(exam), ask.get(NoteDemands.MULTIPLE), NoteParagraphs.welcome(exam));
    }
}
