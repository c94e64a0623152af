package grintel.core.paper;

/**
 * Which paragraph is meant.
 *
 * @param index counted from 0 in document order within the story; every paragraph element counts, those in tables and
 *     content controls included, those in text boxes not
 */
public record ParagraphAddress(Story story, int index) {
    /** A paragraph of the text. */
    public static ParagraphAddress text(int index) {
        return new ParagraphAddress(Story.TEXT, index);
    }
}
