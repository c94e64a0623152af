package grintel.core.chart;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewImage;
import grintel.core.edit.NewParagraph.NewRun;
import grintel.core.edit.Piece;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectBlocks;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A made figure as blocks of a paper: number, title, picture, notes, in the form and the order the guide asks for. */
public final class FigureBlocks implements MadeObject {
    /** Points: the width of a figure where there is room for it. */
    public static final int WIDEST = 432;

    private static final double PROPORTION = 0.6;
    private static final PropertySet NOTHING = PropertySet.empty();
    private static final PropertySet KEPT = PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true);

    private final MadeFigure figure;
    private final Guide guide;
    private final ChartArtist artist;

    public FigureBlocks(MadeFigure figure, Guide guide, ChartArtist artist) {
        this.figure = figure;
        this.guide = guide;
        this.artist = artist;
    }

    @Override
    public List<NewBlock> blocks(int number, int measure, @Nullable String style) {
        ObjectBlocks around = ObjectBlocks.ofFigure(guide, style);
        boolean above = guide.ask("figures.place").find(FigureDemands.CAPTION) != FigureDemands.Side.BELOW;
        boolean noted = !figure.notes().isEmpty();
        List<NewBlock> out = new ArrayList<>();
        if (above) {
            out.addAll(around.caption(number, figure.title(), NOTHING, true));
        }
        // A line of exact height would cut the picture off.
        PropertySet line = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE);
        out.add(around.paragraph(above && !noted ? line : line.over(KEPT), List.of(picture(measure))));
        if (!above) {
            out.addAll(around.caption(number, figure.title(), NOTHING, noted));
        }
        out.addAll(around.notes(figure.notes(), NOTHING));
        return out;
    }

    /** The height of a figure of some width, in points. */
    public static int height(int width) {
        return (int) (width * PROPORTION);
    }

    private NewRun picture(int measure) {
        int width = Math.min(WIDEST, measure / Lengths.TWIPS_PER_POINT);
        int height = height(width);
        NewImage image = artist.draw(figure.chart(), width, height);
        return new NewRun(
                new Piece.Picture(
                        image, width * Lengths.EMU_PER_POINT, height * Lengths.EMU_PER_POINT, figure.alternative()),
                NOTHING);
    }
}
