package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.paper.Block;
import grintel.core.paper.Paragraph;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Table;
import grintel.core.rule.Examination;
import grintel.core.rule.LyingSheet;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;
import java.util.stream.Stream;

/** Sheets stand upright, but for a section that holds only a wide table with its number, title and note. */
public final class SheetOrientationRule implements Rule {
    @Override
    public String id() {
        return "sheet.orientation";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.sections()
                .filter(section -> !LyingSheet.is(section) || !holdsOnlyTable(exam, section))
                .check(id(), "sheet")
                .measure(section -> Measure.word(LyingSheet.is(section) ? "on-its-side" : "upright"))
                .asks(Measure.word("upright"))
                .fix((sections, cause) ->
                        sections.stream().flatMap(SheetOrientationRule::turned).toList())
                .readings();
    }

    private static Stream<Edit> turned(Section section) {
        Target target = new Target.OfSection(section.index());
        PropertySet turned = LyingSheet.turned(section);
        return turned.said(SectionProperties.ALL).stream()
                .map(property -> new Edit.SetProperty(target, property, turned.get(property)));
    }

    private static boolean holdsOnlyTable(Examination exam, Section section) {
        boolean table = false;
        for (Block block : section.blocks()) {
            if (block instanceof Table) {
                table = true;
            } else if (block instanceof Paragraph paragraph && !LyingSheet.holds(exam, paragraph)) {
                return false;
            }
        }
        return table;
    }
}
