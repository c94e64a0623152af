package grintel.core.edit;

import grintel.core.paper.ParagraphAddress;

/** What carries a formatting property. */
public sealed interface Target {
    /** A style by its id. */
    record OfStyle(String id) implements Target {}

    /** A paragraph itself. */
    record OfParagraph(ParagraphAddress paragraph) implements Target {}

    /** The mark at a paragraph's end. */
    record OfMark(ParagraphAddress paragraph) implements Target {}

    /** A run by its number in the paragraph. */
    record OfRun(ParagraphAddress paragraph, int run) implements Target {}

    /** A section by its index. */
    record OfSection(int section) implements Target {}
}
