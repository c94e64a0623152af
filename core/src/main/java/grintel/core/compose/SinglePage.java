package grintel.core.compose;

import grintel.core.edit.Edit;
import grintel.core.edit.NewBlock;
import grintel.core.edit.PaperEditor;
import grintel.core.edit.Position;
import grintel.core.guide.Guide;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.rule.BodyType;
import java.util.List;

/** Blocks by themselves on sheets, in the type the guide asks for: what is shown of a part before it is in a paper. */
public final class SinglePage {
    /** Twips from margin to margin. */
    public static final int MEASURE = 9360;

    private static final int WIDTH = 12240;
    private static final int HEIGHT = 15840;
    private static final int MARGIN = 1440;

    private SinglePage() {}

    /** A paper of nothing but these blocks, whose style is called {@code Normal}. */
    public static Paper of(Guide guide, List<NewBlock> blocks) {
        BodyType type = BodyType.asked(guide);
        PropertySet characters = new PropertySet.Builder()
                .set(CharacterProperties.FACE, type.targetFace())
                .set(CharacterProperties.FACE_HIGH_ANSI, type.targetFace())
                .set(CharacterProperties.SIZE, type.targetSize())
                .build();
        PaperBuilder out = new PaperBuilder();
        out.style(
                "Normal",
                "Normal",
                Style.Kind.PARAGRAPH,
                null,
                PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE),
                characters);
        out.section(SectionProperties.PAGE_WIDTH, WIDTH)
                .section(SectionProperties.PAGE_HEIGHT, HEIGHT)
                .section(SectionProperties.MARGIN_TOP, MARGIN)
                .section(SectionProperties.MARGIN_RIGHT, MARGIN)
                .section(SectionProperties.MARGIN_BOTTOM, MARGIN)
                .section(SectionProperties.MARGIN_LEFT, MARGIN);
        // Files have a paragraph after a table; this one stays empty.
        Paper empty = out.paragraph("").build();
        return PaperEditor.apply(
                empty,
                List.of(new Edit.InsertBlocks(
                        Position.before(empty.paragraphs().get(0).address()), blocks)));
    }
}
