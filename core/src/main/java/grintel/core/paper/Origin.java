package grintel.core.paper;

/** Where a resolved value comes from: what has to be changed so that the value changes. */
public sealed interface Origin {
    Origin INITIAL = new Initial();
    Origin DOCUMENT_DEFAULT = new DocumentDefault();
    Origin DIRECT = new Direct();

    /** Nothing in the file says anything; the standard's own value holds. */
    record Initial() implements Origin {}

    /** The file's defaults (ISO 29500-1 §17.7.5). */
    record DocumentDefault() implements Origin {}

    /**
     * A style.
     *
     * @param id the style's id in the file
     */
    record OfStyle(String id) implements Origin {}

    /**
     * What a table style says for certain cells only, such as those of the first row (ISO 29500-1 §17.7.6).
     *
     * @param id the style's id in the file
     */
    record OfTableStyle(String id, TableCondition condition) implements Origin {}

    /** The table a cell stands in: what it says of all its cells. */
    record OfTable() implements Origin {}

    /** The level of a list (ISO 29500-1 §17.9.22). */
    record Numbering(int id, int level) implements Origin {}

    /** The paragraph, the run or the section itself. */
    record Direct() implements Origin {}
}
