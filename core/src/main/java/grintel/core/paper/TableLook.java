package grintel.core.paper;

/** Which conditional parts of its style a table takes (ISO 29500-1 §17.4.55). */
public record TableLook(
        boolean firstRow,
        boolean lastRow,
        boolean firstColumn,
        boolean lastColumn,
        boolean rowBands,
        boolean columnBands) {
    /** What holds where a table says nothing: no conditional part but the bands. */
    public static final TableLook INITIAL = new TableLook(false, false, false, false, true, true);
}
