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
 * @param footnoteNumbers how footnotes are numbered (§17.11.17)
 * @param endnoteNumbers how endnotes are numbered
 */
public record PaperSettings(
        int defaultTabStop,
        boolean evenPagesDiffer,
        boolean mirrorMargins,
        boolean gutterAtTop,
        boolean gapsAdd,
        boolean hyphenates,
        boolean tracksChanges,
        NumberFormat footnoteNumbers,
        NumberFormat endnoteNumbers) {
    /** What holds where a file says nothing. */
    public static final PaperSettings INITIAL = new PaperSettings(
            720, false, false, false, false, false, false, NumberFormat.DECIMAL, NumberFormat.LOWER_ROMAN);

    public PaperSettings withEvenPagesDiffer(boolean differ) {
        return new PaperSettings(
                defaultTabStop,
                differ,
                mirrorMargins,
                gutterAtTop,
                gapsAdd,
                hyphenates,
                tracksChanges,
                footnoteNumbers,
                endnoteNumbers);
    }

    public PaperSettings withHyphenation(boolean on) {
        return new PaperSettings(
                defaultTabStop,
                evenPagesDiffer,
                mirrorMargins,
                gutterAtTop,
                gapsAdd,
                on,
                tracksChanges,
                footnoteNumbers,
                endnoteNumbers);
    }

    public PaperSettings withGapsAdding(boolean add) {
        return new PaperSettings(
                defaultTabStop,
                evenPagesDiffer,
                mirrorMargins,
                gutterAtTop,
                add,
                hyphenates,
                tracksChanges,
                footnoteNumbers,
                endnoteNumbers);
    }

    public PaperSettings withNoteNumbers(NumberFormat footnotes, NumberFormat endnotes) {
        return new PaperSettings(
                defaultTabStop,
                evenPagesDiffer,
                mirrorMargins,
                gutterAtTop,
                gapsAdd,
                hyphenates,
                tracksChanges,
                footnotes,
                endnotes);
    }

    /** How the notes of a kind are numbered. */
    public NumberFormat noteNumbers(Story.Kind kind) {
        return kind == Story.Kind.ENDNOTE ? endnoteNumbers : footnoteNumbers;
    }
}
