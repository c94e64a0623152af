package grintel.core.rule;

import grintel.core.paper.Paragraph;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.structure.PartKind;

/** A sheet on its side, which only a table with its number, title and note may stand on. */
public final class LyingSheet {
    private LyingSheet() {}

    /** Whether the sheets of a section lie; a square one does not. */
    public static boolean is(Section section) {
        return section.get(SectionProperties.PAGE_WIDTH) > section.get(SectionProperties.PAGE_HEIGHT);
    }

    /** What a section says of its sheets when each is turned, so that one that stands lies and the reverse. */
    public static PropertySet turned(Section section) {
        return new PropertySet.Builder()
                .set(SectionProperties.PAGE_WIDTH, section.get(SectionProperties.PAGE_HEIGHT))
                .set(SectionProperties.PAGE_HEIGHT, section.get(SectionProperties.PAGE_WIDTH))
                .set(SectionProperties.LANDSCAPE, !is(section))
                .build();
    }

    /** Whether a paragraph may stand on it: one of a table or about one, or a blank one. */
    public static boolean holds(Examination exam, Paragraph paragraph) {
        PartKind kind = exam.kind(paragraph);
        return kind == PartKind.BLANK || kind.isOfObject();
    }
}
