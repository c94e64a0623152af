package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** Text runs in one column. */
public final class SheetColumnsRule implements Rule {
    private static final Quantity ONE = Quantity.count(1, "column");

    @Override
    public String id() {
        return "sheet.columns";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Section> several = new ArrayList<>();
        int most = 1;
        for (Section section : exam.paper().sections()) {
            int columns = section.get(SectionProperties.COLUMNS);
            if (columns > 1) {
                several.add(section);
                most = Math.max(most, columns);
            }
        }
        if (several.isEmpty()) {
            return List.of(Reading.met(id(), "columns", ONE, ONE));
        }
        List<Edit> edits = new ArrayList<>();
        several.forEach(section ->
                edits.add(new Edit.SetProperty(new Target.OfSection(section.index()), SectionProperties.COLUMNS, 1)));
        return List.of(Reading.off(
                id(), "columns", Quantity.count(most, "columns"), ONE, exam.placesOfSections(several), edits));
    }
}
