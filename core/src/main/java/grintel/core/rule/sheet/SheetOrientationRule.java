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
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
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
                .filter(section -> !lies(section) || !holdsOnlyTable(exam, section))
                .check(id(), "sheet")
                .measure(section -> Measure.word(lies(section) ? "on-its-side" : "upright"))
                .asks(Measure.word("upright"))
                .fix((sections, cause) ->
                        sections.stream().flatMap(SheetOrientationRule::turned).toList())
                .readings();
    }

    private static boolean lies(Section section) {
        return section.get(SectionProperties.PAGE_WIDTH) > section.get(SectionProperties.PAGE_HEIGHT);
    }

    private static Stream<Edit> turned(Section section) {
        Target target = new Target.OfSection(section.index());
        return Stream.of(
                new Edit.SetProperty(target, SectionProperties.PAGE_WIDTH, section.get(SectionProperties.PAGE_HEIGHT)),
                new Edit.SetProperty(target, SectionProperties.PAGE_HEIGHT, section.get(SectionProperties.PAGE_WIDTH)),
                new Edit.SetProperty(target, SectionProperties.LANDSCAPE, false));
    }

    private static boolean holdsOnlyTable(Examination exam, Section section) {
        boolean table = false;
        for (Block block : section.blocks()) {
            if (block instanceof Table) {
                table = true;
            } else if (block instanceof Paragraph paragraph
                    && exam.kind(paragraph) != PartKind.BLANK
                    && !exam.kind(paragraph).isOfObject()) {
                return false;
            }
        }
        return table;
    }
}
