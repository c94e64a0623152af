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

/** Width and height of every section's sheet; a sheet on its side is measured as if it stood. */
public final class SheetSizeRule implements Rule {
    @Override
    public String id() {
        return "sheet.size";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Length width = ask.get(SheetDemands.WIDTH);
        Length height = ask.get(SheetDemands.HEIGHT);
        Quantity asked = size(width.twips(), height.twips(), width.unit());
        Map<Quantity, List<Section>> off = new LinkedHashMap<>();
        for (Section section : exam.paper().sections()) {
            int across = section.get(SectionProperties.PAGE_WIDTH);
            int down = section.get(SectionProperties.PAGE_HEIGHT);
            boolean lies = across > down;
            int narrow = lies ? down : across;
            int wide = lies ? across : down;
            if (Math.abs(narrow - width.twips()) > Examination.TOLERANCE
                    || Math.abs(wide - height.twips()) > Examination.TOLERANCE) {
                off.computeIfAbsent(size(narrow, wide, width.unit()), key -> new ArrayList<>())
                        .add(section);
            }
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "sheet", asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((is, sections) -> readings.add(Reading.off(
                id(), "sheet", is, asked, exam.placesOfSections(sections), edits(sections, width, height))));
        return readings;
    }

    private static List<Edit> edits(List<Section> sections, Length width, Length height) {
        List<Edit> edits = new ArrayList<>();
        for (Section section : sections) {
            boolean lies = section.get(SectionProperties.PAGE_WIDTH) > section.get(SectionProperties.PAGE_HEIGHT);
            Target target = new Target.OfSection(section.index());
            edits.add(new Edit.SetProperty(target, SectionProperties.PAGE_WIDTH, (lies ? height : width).rounded()));
            edits.add(new Edit.SetProperty(target, SectionProperties.PAGE_HEIGHT, (lies ? width : height).rounded()));
        }
        return edits;
    }

    private static Quantity size(double width, double height, Length.Unit unit) {
        String across = Quantity.length(width, unit).text();
        return Quantity.words(across.substring(0, across.indexOf(' ')) + " × "
                + Quantity.length(height, unit).text());
    }
}
