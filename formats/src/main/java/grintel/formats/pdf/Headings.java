package grintel.formats.pdf;

import grintel.core.paper.Paper;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;

/** The levels of a paper's headings as a reader of its outline needs them: from 1, none left out on the way down. */
final class Headings {
    private static final int DEEPEST = 6;

    private final int[] levels;

    Headings(Paper paper, Parts parts) {
        levels = new int[paper.paragraphs().size()];
        boolean titled = parts.index(PartKind.TITLE, 0) >= 0;
        boolean onText = false;
        for (int i = 0; i < levels.length; i++) {
            onText |= isTitle(parts, i) && !parts.isOnTitlePage(i);
        }
        int last = 0;
        boolean inTitle = false;
        for (int i = 0; i < levels.length; i++) {
            int wanted = switch (parts.kind(i)) {
                case TITLE -> onText && parts.isOnTitlePage(i) ? 0 : 1;
                case ABSTRACT_LABEL, SOURCES_LABEL, APPENDIX_LABEL, NOTES_LABEL -> titled ? 2 : 1;
                case HEADING -> Math.max(1, parts.headingLevel(i)) + (titled ? 1 : 0);
                default -> 0;
            };
            boolean title = isTitle(parts, i);
            // Further lines of a title, and what stands before the title, are no headings of their own.
            if (wanted > 0 && !(title && inTitle)) {
                levels[i] = Math.min(DEEPEST, Math.min(wanted, last + 1));
                last = levels[i];
            }
            inTitle = title || inTitle && parts.kind(i) == PartKind.BLANK;
        }
    }

    private static boolean isTitle(Parts parts, int index) {
        return parts.kind(index) == PartKind.TITLE;
    }

    /** The level of a paragraph of the text, 0 where it is no heading. */
    int level(int paragraph) {
        return levels[paragraph];
    }
}
