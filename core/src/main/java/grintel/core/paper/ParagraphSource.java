package grintel.core.paper;

import org.jspecify.annotations.Nullable;

/**
 * What a paragraph itself says, before its styles and its list are looked at.
 *
 * @param style id of the style it names, or null
 * @param mark what its mark says
 * @param endsSection whether it carries the end of a section
 */
public record ParagraphSource(
        @Nullable String style, PropertySet direct, PropertySet mark, boolean endsSection, Revision markRevision) {
    /** A plain paragraph of a style. */
    public static ParagraphSource of(@Nullable String style, PropertySet direct) {
        return new ParagraphSource(style, direct, PropertySet.empty(), false, Revision.NONE);
    }

    /** What a paragraph of a paper was made from. */
    public static ParagraphSource of(Paragraph paragraph) {
        return new ParagraphSource(
                paragraph.style() == null ? null : paragraph.style().id(),
                paragraph.direct(),
                paragraph.markDirect(),
                paragraph.endsSection(),
                paragraph.markRevision());
    }
}
