package grintel.core.paper;

/**
 * Where a picture or a box of text stands that is not in a line (ISO 29500-1 §20.4.2.3). Lengths are EMU.
 *
 * @param distances white the text leaves round it
 */
public record Anchor(Wrap wrap, Axis across, Axis down, Distances distances) {
    /** At the left of the paragraph it belongs to, without an effect on the text. */
    public static final Anchor AT_PARAGRAPH = new Anchor(
            Wrap.NONE, Axis.offset(Reference.TEXT, 0), Axis.offset(Reference.TEXT, 0), new Distances(0, 0, 0, 0));

    /** What the text does about it. */
    public enum Wrap {
        /** Runs over or under it. */
        NONE,
        /** Runs beside it. */
        AROUND,
        /** Stops above it and goes on below. */
        ABOVE_AND_BELOW
    }

    /** What a position is counted from. */
    public enum Reference {
        SHEET,
        MARGINS,
        /** The column across, the paragraph down. */
        TEXT
    }

    /** How it lies between the edges of what its position refers to. */
    public enum Alignment {
        START,
        CENTRE,
        END
    }

    /**
     * A position in one direction.
     *
     * @param aligned whether the alignment holds, else the offset
     */
    public record Axis(Reference from, boolean aligned, Alignment alignment, long offset) {
        public static Axis offset(Reference from, long emu) {
            return new Axis(from, false, Alignment.START, emu);
        }

        public static Axis aligned(Reference from, Alignment alignment) {
            return new Axis(from, true, alignment, 0);
        }
    }

    /** White on the four sides. */
    public record Distances(long top, long right, long bottom, long left) {}
}
