package grintel.core.paper;

/**
 * A colour of text or of what lies behind it.
 *
 * @param rgb 0xRRGGBB, or -1 for the automatic colour (black on white)
 */
public record Colour(int rgb) {
    /** The colour chosen by whoever draws: black text, no shading. */
    public static final Colour AUTO = new Colour(-1);

    public static final Colour BLACK = new Colour(0);

    /** Whether text of this colour prints black: automatic, or so dark that no eye tells it from black. */
    public boolean readsAsBlack() {
        return rgb < 0 || (red() <= 0x26 && green() <= 0x26 && blue() <= 0x26);
    }

    /** Whether a ground of this colour is no shading at all. */
    public boolean readsAsWhite() {
        return rgb < 0 || rgb == 0xFFFFFF;
    }

    public boolean isAuto() {
        return rgb < 0;
    }

    /** Six hexadecimal digits, or {@code auto}. */
    public String hex() {
        return rgb < 0 ? "auto" : String.format("%06X", rgb);
    }

    private int red() {
        return rgb >> 16 & 0xFF;
    }

    private int green() {
        return rgb >> 8 & 0xFF;
    }

    private int blue() {
        return rgb & 0xFF;
    }
}
