package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Property;
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

/** The four margins of every section, the gutter added in. */
public final class SheetMarginsRule implements Rule {
    private static final Map<String, Property<Integer>> SIDES = sides();

    @Override
    public String id() {
        return "sheet.margins";
    }

    private static Map<String, Property<Integer>> sides() {
        Map<String, Property<Integer>> sides = new LinkedHashMap<>();
        sides.put("top", SectionProperties.MARGIN_TOP);
        sides.put("right", SectionProperties.MARGIN_RIGHT);
        sides.put("bottom", SectionProperties.MARGIN_BOTTOM);
        sides.put("left", SectionProperties.MARGIN_LEFT);
        return sides;
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Reading> readings = new ArrayList<>();
        String gutterSide = exam.paper().settings().gutterAtTop() ? "top" : "left";
        SIDES.forEach((side, property) -> {
            Length asked = ask.get(
                    switch (side) {
                        case "top" -> SheetDemands.TOP;
                        case "right" -> SheetDemands.RIGHT;
                        case "bottom" -> SheetDemands.BOTTOM;
                        default -> SheetDemands.LEFT;
                    });
            Map<Long, List<Section>> off = new LinkedHashMap<>();
            for (Section section : exam.paper().sections()) {
                int is = Math.abs(section.get(property))
                        + (side.equals(gutterSide) ? section.get(SectionProperties.GUTTER) : 0);
                if (Math.abs(is - asked.twips()) > Examination.TOLERANCE) {
                    off.computeIfAbsent((long) is, key -> new ArrayList<>()).add(section);
                }
            }
            Quantity required = Quantity.length(asked);
            if (off.isEmpty()) {
                readings.add(Reading.met(id(), side, required, required));
            }
            off.forEach((is, sections) -> readings.add(Reading.off(
                    id(),
                    side,
                    Quantity.length(is, asked.unit()),
                    required,
                    exam.placesOfSections(sections),
                    edits(sections, property, asked, side.equals(gutterSide)))));
        });
        return readings;
    }

    private static List<Edit> edits(
            List<Section> sections, Property<Integer> property, Length asked, boolean takesGutter) {
        List<Edit> edits = new ArrayList<>();
        for (Section section : sections) {
            Target target = new Target.OfSection(section.index());
            edits.add(new Edit.SetProperty(target, property, asked.rounded()));
            if (takesGutter && section.get(SectionProperties.GUTTER) != 0) {
                edits.add(new Edit.SetProperty(target, SectionProperties.GUTTER, 0));
            }
        }
        return edits;
    }
}
