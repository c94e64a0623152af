package grintel.core.rule.tables;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.List;

/** No zero stands before the point of a value that cannot exceed 1, as a probability or a correlation. */
public final class TablesLeadingZeroRule implements Rule {
    @Override
    public String id() {
        return "tables.leading-zero";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Figures.Figure> bounded =
                Figures.of(exam).filter(figure -> figure.quantity().isBounded() && figure.places() > 0);
        return bounded.filter(figure -> figure.digits().startsWith("0"))
                .check(id(), "zero")
                .none("leading-zero", figure -> 1)
                .metIfNone(!bounded.isEmpty())
                .fix(
                        FixClass.APPARATUS,
                        (off, cause) -> off.stream()
                                .<Edit>map(figure -> Edit.ReplaceText.words(
                                        figure.visible().range(figure.at(), figure.at() + 1), ""))
                                .toList())
                .readings();
    }
}
