package grintel.core.typeset;

import grintel.core.paper.Marginals;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Sets headers and footers: their heights before pages are filled, their lines once pages are counted. */
final class MarginalSetter {
    private final BoxComposer boxes;
    private final FloatPlacer floats;
    private final Map<HeightKey, Integer> heights = new HashMap<>();

    MarginalSetter(BoxComposer boxes, FloatPlacer floats) {
        this.boxes = boxes;
        this.floats = floats;
    }

    /** The height of a header or footer in millipoints; 0 where it is blank. */
    int height(Marginals.@Nullable Marginal marginal, Section section) {
        if (marginal == null) {
            return 0;
        }
        int width = textWidth(section);
        return heights.computeIfAbsent(
                new HeightKey(marginal.story(), width),
                key -> boxes.compose(marginal.blocks(), width, FieldValues.UNCOUNTED)
                        .height());
    }

    /** Places a page's header and footer; what is no line goes straight to the page. */
    Placed place(OpenPage page, FieldValues fields) {
        Section section = page.section;
        PageGeometry geometry = page.geometry;
        int width = geometry.frame().width();
        List<ProofLine> header = List.of();
        List<ProofLine> footer = List.of();
        Marginals.Marginal head = section.headers().get(page.variant);
        if (head != null) {
            header = add(
                    boxes.compose(head.blocks(), width, fields), PagePart.HEADER, geometry.headerTop(), page, fields);
        }
        Marginals.Marginal foot = section.footers().get(page.variant);
        if (foot != null) {
            SetBox box = boxes.compose(foot.blocks(), width, fields);
            footer = add(box, PagePart.FOOTER, geometry.footerBottom() - box.height(), page, fields);
        }
        return new Placed(header, footer);
    }

    private List<ProofLine> add(SetBox box, PagePart part, int y, OpenPage page, FieldValues fields) {
        int x = page.geometry.frame().left();
        List<ProofLine> lines = new ArrayList<>(box.lines().size());
        for (SetBox.BoxLine line : box.lines()) {
            line.on(part, x, y, false, lines);
        }
        for (PlacedPicture picture : box.pictures()) {
            page.pictures.add(picture.movedBy(x, y));
        }
        for (Fill fill : box.fills()) {
            page.fills.add(fill.movedBy(x, y));
        }
        for (SetBox.BoxFloat floating : box.floats()) {
            floats.place(floating.movedBy(x, y), page, part, fields);
        }
        return lines;
    }

    private static int textWidth(Section section) {
        return Millipoints.ofTwips(section.get(SectionProperties.PAGE_WIDTH)
                - section.get(SectionProperties.MARGIN_LEFT)
                - section.get(SectionProperties.MARGIN_RIGHT)
                - section.get(SectionProperties.GUTTER));
    }

    record Placed(List<ProofLine> header, List<ProofLine> footer) {}

    private record HeightKey(Story story, int width) {}
}
