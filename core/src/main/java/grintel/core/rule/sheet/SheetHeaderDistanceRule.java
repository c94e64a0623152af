package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Distance of the header from the sheet's upper edge, in every section. */
public final class SheetHeaderDistanceRule implements Rule {
    @Override
    public String id() {
        return "sheet.header-distance";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length asked = ask.get(SheetDemands.HEADER);
        Quantity required = Quantity.length(asked);
        Map<Integer, List<Section>> off = new LinkedHashMap<>();
        for (Section section : exam.paper().sections()) {
            int is = section.get(SectionProperties.HEADER_DISTANCE);
            if (Math.abs(is - asked.twips()) > Examination.TOLERANCE) {
                off.computeIfAbsent(is, key -> new ArrayList<>()).add(section);
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "header", required, required));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((is, sections) -> {
            List<Edit> edits = new ArrayList<>();
            sections.forEach(section -> edits.add(new Edit.SetProperty(
                    new Target.OfSection(section.index()), SectionProperties.HEADER_DISTANCE, asked.rounded())));
            readings.add(Reading.off(
                    id(),
                    "header",
                    Quantity.length(is, asked.unit()),
                    required,
                    exam.placesOfSections(sections),
                    edits));
        });
        return readings;
    }
}
