package grintel.core.chart;

import grintel.core.edit.NewBlock;
import grintel.core.edit.NewImage;
import grintel.core.edit.NewParagraph.NewRun;
import grintel.core.edit.Piece;
import grintel.core.guide.Guide;
import grintel.core.made.MadeObject;
import grintel.core.made.ObjectBlocks;
import grintel.core.paper.Lengths;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A made figure as blocks of a paper: number, title, picture, notes, in the form and the order the guide asks for. */
public final class FigureBlocks implements MadeObject {
    /** Points: the width of a figure where there is room for it. */
    public static final int WIDEST = 432;

    private static final double PROPORTION = 0.6;

    private final MadeFigure figure;
    private final Guide guide;
    private final ChartArtist artist;

    public FigureBlocks(MadeFigure figure, Guide guide, ChartArtist artist) {
        this.figure = figure;
        this.guide = guide;
        this.artist = artist;
    }

    @Override
    public List<NewBlock> blocks(String number, int measure, @Nullable String style) {
        return ObjectBlocks.ofFigure(guide, style).figure(number, figure.title(), picture(measure), figure.notes());
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
                PropertySet.empty());
    }
}
