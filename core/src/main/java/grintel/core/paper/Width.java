package grintel.core.paper;

/**
 * The width a table or a cell asks for (ISO 29500-1 §17.4.63, §17.4.71).
 *
 * @param value twips, or fiftieths of a per cent; 0 where the content decides
 */
public record Width(Kind kind, int value) {
    /** The content decides. */
    public static final Width AUTO = new Width(Kind.AUTO, 0);

    private static final int WHOLE = 5000;

    /** A width in twips. */
    public static Width twips(int twips) {
        return new Width(Kind.TWIPS, twips);
    }

    /** Twips asked for where so much is to be had; 0 where nothing is asked. */
    public int of(int available) {
        return switch (kind) {
            case AUTO -> 0;
            case TWIPS -> Math.max(0, value);
            case FIFTIETHS_OF_PER_CENT -> (int) Math.max(0, Math.min((long) value * available / WHOLE, 31_680));
        };
    }

    /** How a width is given. */
    public enum Kind {
        AUTO,
        TWIPS,
        FIFTIETHS_OF_PER_CENT
    }
}
