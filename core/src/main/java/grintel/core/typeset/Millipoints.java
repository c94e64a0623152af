package grintel.core.typeset;

import grintel.core.paper.Lengths;

/** Converts to and from the unit of the proof, 1/1000 pt. */
public final class Millipoints {
    /** Millipoints in a twip. */
    public static final int PER_TWIP = 50;
    /** Millipoints in a point. */
    public static final int PER_POINT = 1000;
    /** Millipoints in an inch. */
    public static final int PER_INCH = 72_000;

    /** Beyond this no position is meaningful: ten times the largest sheet the standard allows (22 in). */
    static final int LIMIT = 220 * PER_INCH;

    private Millipoints() {}

    /** Twips, cut off at the limit on either side. */
    public static int ofTwips(int twips) {
        return clamp((long) twips * PER_TWIP);
    }

    /** Points, rounded. */
    public static int ofPoints(double points) {
        return clamp(Math.round(points * PER_POINT));
    }

    /** EMU, rounded; never negative. */
    public static int ofEmu(long emu) {
        return clamp(Math.max(0, emu) * PER_POINT / Lengths.EMU_PER_POINT);
    }

    public static double toTwips(int millipoints) {
        return millipoints / (double) PER_TWIP;
    }

    public static double toPoints(int millipoints) {
        return millipoints / (double) PER_POINT;
    }

    public static double toInches(int millipoints) {
        return millipoints / (double) PER_INCH;
    }

    private static int clamp(long value) {
        return (int) Math.max(-LIMIT, Math.min(LIMIT, value));
    }
}
