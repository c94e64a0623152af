package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.ProofPage;
import java.util.List;
import java.util.stream.Stream;

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
        return exam.sections()
                .check(id(), "sheet")
                .measure(section -> new Measure.Sheet(
                        Measure.distance(Math.min(across(section), down(section)), width.unit()),
                        Measure.distance(Math.max(across(section), down(section)), height.unit())))
                .asks(new Measure.Sheet(Measure.distance(width), Measure.distance(height)))
                .fix((sections, cause) -> sections.stream()
                        .flatMap(section -> across(section) > down(section)
                                ? sized(section, height, width)
                                : sized(section, width, height))
                        .toList())
                .readings();
    }

    private static int across(Section section) {
        return section.get(SectionProperties.PAGE_WIDTH);
    }

    private static int down(Section section) {
        return section.get(SectionProperties.PAGE_HEIGHT);
    }

    private static Stream<Edit> sized(Section section, Length across, Length down) {
        Target target = new Target.OfSection(section.index());
        return Stream.of(
                new Edit.SetProperty(target, SectionProperties.PAGE_WIDTH, across.rounded()),
                new Edit.SetProperty(target, SectionProperties.PAGE_HEIGHT, down.rounded()));
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        return List.of(
                Stroke.across(
                                "sheet",
                                0,
                                page.width(),
                                page.height(),
                                page.frame().bottom())
                        .of(readings),
                Stroke.down(
                                "sheet",
                                0,
                                page.height(),
                                page.width(),
                                page.frame().right())
                        .of(readings));
    }
}
