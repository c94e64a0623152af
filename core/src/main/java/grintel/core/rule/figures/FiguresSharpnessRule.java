package grintel.core.rule.figures;

import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A picture of dots has enough of them for the size it is placed at. A sharper one only the writer can bring. */
public final class FiguresSharpnessRule implements Rule {
    private static final int LEAST = 150;
    private static final Measure SHARP = new Measure.Phrase("at-least", new Measure.Count(LEAST, "dot-per-inch"));

    @Override
    public String id() {
        return "figures.sharpness";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.paragraphs(Pictures.paragraphs(exam))
                .check(id(), "dots")
                .measure(FiguresSharpnessRule::dots)
                .asks(SHARP)
                .metWhen((paragraph, is) -> is instanceof Measure.Count count && count.number() >= LEAST)
                .readings();
    }

    /** Dots per inch of the least sharp picture of a paragraph; null where none is of dots. */
    private static @Nullable Measure dots(Paragraph paragraph) {
        int least = Integer.MAX_VALUE;
        for (Pictures.Placed placed : Pictures.in(paragraph)) {
            Inline.Picture picture = placed.picture();
            Inline.Picture.Pixels pixels = picture.pixels();
            if (pixels != null && picture.width() > 0 && picture.height() > 0) {
                double across = pixels.width() * (double) Lengths.EMU_PER_INCH / picture.width();
                double down = pixels.height() * (double) Lengths.EMU_PER_INCH / picture.height();
                least = (int) Math.min(least, Math.round(Math.min(across, down)));
            }
        }
        return least == Integer.MAX_VALUE ? null : new Measure.Count(least, "dot-per-inch");
    }
}
