package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Block;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Table;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.Role;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Sheets stand upright, but for a section that holds only a wide table with its number, title and note. */
public final class SheetOrientationRule implements Rule {
    private static final Quantity UPRIGHT = Quantity.words("upright");
    private static final Set<Role> BELONG_TO_TABLE =
            EnumSet.of(Role.BLANK, Role.CAPTION, Role.TABLE_NOTE, Role.TABLE_CELL);

    @Override
    public String id() {
        return "sheet.orientation";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Section> lying = new ArrayList<>();
        for (Section section : exam.paper().sections()) {
            boolean lies = section.get(SectionProperties.PAGE_WIDTH) > section.get(SectionProperties.PAGE_HEIGHT);
            if (lies && !holdsOnlyTable(exam, section)) {
                lying.add(section);
            }
        }
        if (lying.isEmpty()) {
            return List.of(Reading.met(id(), "sheet", UPRIGHT, UPRIGHT));
        }
        List<Edit> edits = new ArrayList<>();
        for (Section section : lying) {
            Target target = new Target.OfSection(section.index());
            edits.add(new Edit.SetProperty(
                    target, SectionProperties.PAGE_WIDTH, section.get(SectionProperties.PAGE_HEIGHT)));
            edits.add(new Edit.SetProperty(
                    target, SectionProperties.PAGE_HEIGHT, section.get(SectionProperties.PAGE_WIDTH)));
            edits.add(new Edit.SetProperty(target, SectionProperties.LANDSCAPE, false));
        }
        return List.of(Reading.off(
                id(), "sheet", Quantity.words("on its side"), UPRIGHT, exam.placesOfSections(lying), edits));
    }

    private static boolean holdsOnlyTable(Examination exam, Section section) {
        boolean table = false;
        for (Block block : section.blocks()) {
            if (block instanceof Table) {
                table = true;
            } else if (block instanceof Paragraph paragraph && !BELONG_TO_TABLE.contains(exam.role(paragraph))) {
                return false;
            }
        }
        return table;
    }
}
