package grintel.core.paper;

/** The whole-number units of length, and how they convert. */
public final class Lengths {
    /** Twips in an inch. */
    public static final int TWIPS_PER_INCH = 1440;
    /** Twips in a point. */
    public static final int TWIPS_PER_POINT = 20;
    /** English Metric Units in an inch (ISO 29500-1 §20.1.2.1). */
    public static final long EMU_PER_INCH = 914_400L;
    /** English Metric Units in a point. */
    public static final long EMU_PER_POINT = 12_700L;
    /** English Metric Units in a twip. */
    public static final long EMU_PER_TWIP = 635L;

    private Lengths() {}

    /** Inches as the nearest whole twip. */
    public static int inches(double inches) {
        return (int) Math.round(inches * TWIPS_PER_INCH);
    }

    /** Points as the nearest whole twip. */
    public static int points(double points) {
        return (int) Math.round(points * TWIPS_PER_POINT);
    }
}
