package grintel.core.paper;

/**
 * A frame, which takes a paragraph out of the flow (ISO 29500-1 §17.3.1.11); neighbours in equal frames share one.
 * Lengths are twips.
 *
 * @param width 0 where the content decides
 * @param height 0 where the content decides
 * @param wraps whether text runs beside it; else it goes on below
 * @param across where it lies between left and right
 * @param down where it lies between top and bottom
 * @param dropLines lines a dropped initial is high, 0 for a frame that holds none
 */
public record Frame(
        int width, int height, int spaceAcross, int spaceDown, boolean wraps, Axis across, Axis down, int dropLines) {
    /** No frame: the paragraph stands in the flow. */
    public static final Frame NONE = new Frame(0, 0, 0, 0, false, Axis.START, Axis.START, -1);

    public boolean isFrame() {
        return dropLines >= 0;
    }

    /** Where the frame stands, as it is said of what is drawn: counted from the paragraph the frame stands at. */
    public Anchor anchor() {
        long besides = spaceAcross * Lengths.EMU_PER_TWIP;
        long above = spaceDown * Lengths.EMU_PER_TWIP;
        return new Anchor(
                wraps ? Anchor.Wrap.AROUND : Anchor.Wrap.ABOVE_AND_BELOW,
                across.axis(),
                down.axis(),
                new Anchor.Distances(above, besides, above, besides));
    }

    /**
     * A position in one direction.
     *
     * @param aligned whether the alignment holds, else the offset
     */
    public record Axis(Anchor.Reference from, boolean aligned, Anchor.Alignment alignment, int offset) {
        /** Where the paragraph would stand by itself. */
        public static final Axis START = new Axis(Anchor.Reference.TEXT, false, Anchor.Alignment.START, 0);

        private Anchor.Axis axis() {
            return aligned
                    ? Anchor.Axis.aligned(from, alignment)
                    : Anchor.Axis.offset(from, offset * Lengths.EMU_PER_TWIP);
        }
    }
}
