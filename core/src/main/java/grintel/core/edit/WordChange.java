package grintel.core.edit;

import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Story;
import org.jspecify.annotations.Nullable;

/**
 * A change to words that edits make. {@code #} stands for the number of the page, {@link Paragraph#OBJECT} for a picture.
 *
 * @param before the words as they are, empty where there were none
 * @param after the words as they will be, empty where there will be none
 */
public record WordChange(Kind kind, Where where, String before, String after) {
    /** Whether pictures that stood there no longer do. */
    public boolean takesPictures() {
        return pictures(before) > pictures(after);
    }

    /** This change and one made after it to what it made, as one; null where that is another place. */
    public @Nullable WordChange followedBy(WordChange next) {
        boolean same = kind == Kind.CHANGED
                && next.kind == Kind.CHANGED
                && where.part == next.where.part
                && !after.isEmpty()
                && after.equals(next.before);
        return same ? new WordChange(Kind.CHANGED, where, before, next.after) : null;
    }

    private static long pictures(String words) {
        return words.chars().filter(c -> c == Paragraph.OBJECT).count();
    }

    /** What becomes of the words. */
    public enum Kind {
        CHANGED,
        /** They stay as they are and go to another place. */
        MOVED
    }

    /**
     * Where the words stand.
     *
     * @param section of a header or footer, counted from 0; -1 elsewhere
     * @param variant of a header or footer; null elsewhere
     * @param paragraph in the text or a note; null for a header or footer
     */
    public record Where(
            Story.Kind part,
            int section,
            Marginals.@Nullable Variant variant,
            @Nullable ParagraphAddress paragraph) {
        /** Whether it is a header or a footer. */
        public boolean isMarginal() {
            return paragraph == null;
        }

        static Where of(ParagraphAddress paragraph) {
            return new Where(paragraph.story().kind(), -1, null, paragraph);
        }
    }
}
