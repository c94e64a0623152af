package grintel.core.structure;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Words;
import org.jspecify.annotations.Nullable;

/** Finds headings that the text runs on from: set apart from it, and ended by a mark, at the start of a paragraph. */
final class RunInHeadings {
    private static final int FEWEST_WORDS_AFTER = 3;
    private static final int FEWEST_PLAIN_ONES = 2;
    /** A longer opening that is set apart is a sentence in emphasis. */
    private static final int LONGEST = 10;

    /** By paragraph; null where there is none. */
    private final @Nullable RunIn[] found;

    /** Looks through the paragraphs of text; slanted words alone are a heading only where several paragraphs open so. */
    RunInHeadings(Manuscript manuscript, Claims claims) {
        found = new RunIn[manuscript.size()];
        int slanted = 0;
        for (int i = 0; i < manuscript.size(); i++) {
            if (claims.is(i, PartKind.PARAGRAPH)) {
                RunIn heading = read(manuscript.get(i));
                if (heading != null) {
                    found[i] = heading;
                    slanted += heading.bold() ? 0 : 1;
                }
            }
        }
        if (slanted < FEWEST_PLAIN_ONES) {
            for (int i = 0; i < found.length; i++) {
                RunIn heading = found[i];
                found[i] = heading != null && heading.bold() ? heading : null;
            }
        }
    }

    @Nullable
    RunIn at(int paragraph) {
        return found[paragraph];
    }

    private static @Nullable RunIn read(Line line) {
        StringBuilder head = new StringBuilder();
        Formatting first = null;
        int at = 0;
        int end = 0;
        for (Inline inline : line.paragraph().inlines()) {
            if (inline instanceof Inline.Text text && !text.hidden()) {
                boolean blank = text.text().isBlank();
                if (first == null && !blank) {
                    first = text.format();
                    if (!isSetApart(first)) {
                        return null;
                    }
                }
                if (first != null && !blank && !isAlike(first, text.format())) {
                    break;
                }
                head.append(text.text());
                end = at + text.text().stripTrailing().length();
            } else if (inline.length() > 0 && !(inline instanceof Inline.Tab)) {
                break;
            }
            at += inline.length();
        }
        if (first == null) {
            return null;
        }
        String words = head.toString().strip();
        boolean ends = !words.isEmpty() && ".:?—".indexOf(words.charAt(words.length() - 1)) >= 0;
        int count = Words.count(words);
        boolean goesOn = line.words() - count >= FEWEST_WORDS_AFTER;
        return ends && goesOn && count > 0 && count <= LONGEST && !Labels.isKeywords(line.text())
                ? new RunIn(
                        end,
                        first.get(CharacterProperties.BOLD),
                        first.get(CharacterProperties.ITALIC),
                        !first.get(CharacterProperties.UNDERLINE).equals("none"))
                : null;
    }

    private static boolean isSetApart(Formatting format) {
        return format.get(CharacterProperties.BOLD)
                || format.get(CharacterProperties.ITALIC)
                || !format.get(CharacterProperties.UNDERLINE).equals("none");
    }

    private static boolean isAlike(Formatting one, Formatting other) {
        return one.get(CharacterProperties.BOLD).equals(other.get(CharacterProperties.BOLD))
                && one.get(CharacterProperties.ITALIC).equals(other.get(CharacterProperties.ITALIC))
                && one.get(CharacterProperties.UNDERLINE).equals(other.get(CharacterProperties.UNDERLINE));
    }

    /**
     * A heading in the first line of a paragraph.
     *
     * @param end how many of the paragraph's characters it takes
     */
    record RunIn(int end, boolean bold, boolean italic, boolean underlined) {}
}
