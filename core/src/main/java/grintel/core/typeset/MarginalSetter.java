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
    private final Map<HeightKey, Integer> heights = new HashMap<>();

    MarginalSetter(BoxComposer boxes) {
        this.boxes = boxes;
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

    /** Places a page's header and footer. */
    Placed place(OpenPage page, FieldValues fields) {
        Section section = page.section;
        PageGeometry geometry = page.geometry;
        List<ProofLine> header = new ArrayList<>();
        List<ProofLine> footer = new ArrayList<>();
        List<PlacedPicture> pictures = new ArrayList<>();
        int left = geometry.frame().left();
        int width = geometry.frame().width();
        Marginals.Marginal head = section.headers().get(page.variant);
        if (head != null) {
            SetBox box = boxes.compose(head.blocks(), width, fields);
            add(box, PagePart.HEADER, left, geometry.headerTop(), header, pictures);
        }
        Marginals.Marginal foot = section.footers().get(page.variant);
        if (foot != null) {
            SetBox box = boxes.compose(foot.blocks(), width, fields);
            add(box, PagePart.FOOTER, left, geometry.footerBottom() - box.height(), footer, pictures);
        }
        return new Placed(header, footer, pictures);
    }

    private static void add(
            SetBox box, PagePart part, int x, int y, List<ProofLine> lines, List<PlacedPicture> pictures) {
        for (SetBox.BoxLine line : box.lines()) {
            lines.add(line.on(part, x, y, false));
        }
        for (PlacedPicture picture : box.pictures()) {
            pictures.add(picture.movedBy(x, y));
        }
    }

    private static int textWidth(Section section) {
        return Millipoints.ofTwips(section.get(SectionProperties.PAGE_WIDTH)
                - section.get(SectionProperties.MARGIN_LEFT)
                - section.get(SectionProperties.MARGIN_RIGHT)
                - section.get(SectionProperties.GUTTER));
    }

    record Placed(List<ProofLine> header, List<ProofLine> footer, List<PlacedPicture> pictures) {}

    private record HeightKey(Story story, int width) {}
}
