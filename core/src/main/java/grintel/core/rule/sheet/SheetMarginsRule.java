package grintel.core.rule.sheet;

import grintel.core.edit.Edit;
import grintel.core.edit.Target;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.paper.Property;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The four margins of every section, the gutter added in. */
public final class SheetMarginsRule implements Rule {
    private static final Side TOP = new Side("top", SheetDemands.TOP, SectionProperties.MARGIN_TOP);
    private static final Side BOTTOM = new Side("bottom", SheetDemands.BOTTOM, SectionProperties.MARGIN_BOTTOM);
    private static final List<Side> SIDES = List.of(
            TOP,
            new Side("right", SheetDemands.RIGHT, SectionProperties.MARGIN_RIGHT),
            BOTTOM,
            new Side("left", SheetDemands.LEFT, SectionProperties.MARGIN_LEFT));

    @Override
    public String id() {
        return "sheet.margins";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        String gutterSide = exam.paper().settings().gutterAtTop() ? "top" : "left";
        List<Reading> readings = new ArrayList<>();
        for (Side side : SIDES) {
            Length asked = ask.get(side.value);
            Length most = ask.find(SheetDemands.MOST);
            boolean gutter = side.name.equals(gutterSide);
            readings.addAll(exam.sections()
                    .check(id(), side.name)
                    .measure(section -> Measure.distance(side.of(section, gutter), asked.unit()))
                    .asksOf(section -> asked(side.of(section, gutter), asked, most))
                    .metWhen((section, is) -> asked(side.of(section, gutter), asked, most) instanceof Measure.Between)
                    .fix((sections, cause) -> edits(sections, side, asked, gutter))
                    .readings());
        }
        return readings;
    }

    /** What is asked of a margin: for one that is wider, and no wider than the guide allows at most, all up to that. */
    private static Measure asked(int twips, Length least, @Nullable Length most) {
        return most != null && twips > least.twips() && twips <= most.twips() + Measure.TOLERANCE
                ? new Measure.Between(Measure.distance(least), Measure.distance(most))
                : Measure.distance(least);
    }

    private static List<Edit> edits(List<Section> sections, Side side, Length asked, boolean gutter) {
        List<Edit> edits = new ArrayList<>();
        for (Section section : sections) {
            Target target = new Target.OfSection(section.index());
            edits.add(new Edit.SetProperty(target, side.property, asked.rounded()));
            if (gutter && section.get(SectionProperties.GUTTER) != 0) {
                edits.add(new Edit.SetProperty(target, SectionProperties.GUTTER, 0));
            }
        }
        return edits;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        ProofPage.Frame frame = page.frame();
        Section section = exam.paper().sections().get(page.section());
        boolean gutterAtTop = exam.paper().settings().gutterAtTop();
        // A header or a footer that is higher than its margin moves the text, not the margin.
        int top = Math.min(frame.top(), Millipoints.ofTwips(TOP.of(section, gutterAtTop)));
        int bottom = Math.max(frame.bottom(), page.height() - Millipoints.ofTwips(BOTTOM.of(section, false)));
        return List.of(
                Stroke.down("top", 0, top, frame.left(), frame.right()).of(readings),
                Stroke.across("right", page.width(), frame.right(), frame.top(), frame.bottom())
                        .of(readings),
                Stroke.down("bottom", page.height(), bottom, frame.left(), frame.right())
                        .of(readings),
                Stroke.across("left", 0, frame.left(), frame.top(), frame.bottom())
                        .of(readings));
    }

    private record Side(String name, Value<Length> value, Property<Integer> property) {
        int of(Section section, boolean gutter) {
            return Math.abs(section.get(property)) + (gutter ? section.get(SectionProperties.GUTTER) : 0);
        }
    }
}
