package grintel.core.paper;

/**
 * What a file says of itself as a whole (ISO 29500-1 §17.15).
 *
 * @param defaultTabStop twips between the stops where none is set; at least 1
 * @param evenPagesDiffer whether even pages have headers of their own
 * @param mirrorMargins whether left and right change places on even pages
 * @param gutterAtTop whether the gutter is added at the top
 * @param gapsAdd whether space after and space before add up instead of the larger holding
 * @param hyphenates whether words are hyphenated automatically
 * @param tracksChanges whether further changes are recorded
 */
public record PaperSettings(
        int defaultTabStop,
        boolean evenPagesDiffer,
        boolean mirrorMargins,
        boolean gutterAtTop,
        boolean gapsAdd,
        boolean hyphenates,
        boolean tracksChanges) {
    /** What holds where a file says nothing. */
    public static final PaperSettings INITIAL = new PaperSettings(720, false, false, false, false, false, false);
}
