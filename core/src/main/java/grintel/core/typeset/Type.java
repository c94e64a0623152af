package grintel.core.typeset;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Colour;
import grintel.core.paper.Formatting;

/**
 * The type some characters are set in.
 *
 * @param face the shipped face
 * @param size half-points as set; smaller than asked for raised, lowered and small-capital characters
 * @param rise millipoints above the baseline
 * @param spacing millipoints after each character
 * @param scale per cent of the face's own width
 */
public record Type(
        FaceMetrics face,
        double size,
        int rise,
        int spacing,
        int scale,
        Colour colour,
        boolean underlined,
        boolean struck,
        boolean highlighted) {
    /** Raised and lowered characters, as parts of the size asked for: they leave the line's height alone. */
    private static final double SMALL = 0.65;

    private static final double RAISED_BY = 0.30;
    private static final double LOWERED_BY = 0.14;
    private static final double SMALL_CAPITAL = 0.8;
    private static final int SMALLEST = 2;

    /** The type of characters so formatted, in a face of the catalogue. */
    static Type of(Formatting format, FaceMetrics face, boolean smallCapital) {
        int asked = Math.max(SMALLEST, format.get(CharacterProperties.SIZE));
        double size = smallCapital ? asked * SMALL_CAPITAL : asked;
        double rise = format.get(CharacterProperties.RISE) / 2.0;
        VerticalPosition position = format.get(CharacterProperties.VERTICAL_POSITION);
        if (position == VerticalPosition.SUPERSCRIPT) {
            rise += size / 2 * RAISED_BY;
            size *= SMALL;
        } else if (position == VerticalPosition.SUBSCRIPT) {
            rise -= size / 2 * LOWERED_BY;
            size *= SMALL;
        }
        return new Type(
                face,
                size,
                Millipoints.ofPoints(rise),
                Millipoints.ofTwips(format.get(CharacterProperties.CHARACTER_SPACING)),
                Math.max(1, format.get(CharacterProperties.SCALE)),
                format.get(CharacterProperties.COLOUR),
                !format.get(CharacterProperties.UNDERLINE).equals("none"),
                format.get(CharacterProperties.STRIKE),
                !format.get(CharacterProperties.HIGHLIGHT).equals("none"));
    }

    /** Upright black type without anything to it. */
    static Type plain(FaceMetrics face, int halfPoints) {
        return new Type(face, halfPoints, 0, 0, 100, Colour.AUTO, false, false, false);
    }

    /** Advance width of a character in millipoints, not rounded. */
    public double advance(int codePoint) {
        double width = face.advance(codePoint) * size * (Millipoints.PER_POINT / 2.0) / face.unitsPerEm();
        return width * scale / 100 + spacing;
    }

    /** Millipoints above the baseline. */
    double ascent() {
        return face.ascent() * size * (Millipoints.PER_POINT / 2.0) + rise;
    }

    /** Millipoints below the baseline, the face's gap included. */
    double depth() {
        return (face.descent() + face.gap()) * size * (Millipoints.PER_POINT / 2.0) - rise;
    }

    /** The size in points. */
    public double points() {
        return size / 2;
    }
}
