package grintel.core.rule;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;

/** A first look at the characters of a paragraph, which spares most of them a closer one. */
public final class Glance {
    private Glance() {}

    /** Whether any of some characters stands in a paragraph. */
    public static boolean holdsAny(Paragraph paragraph, String characters) {
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text && holdsAny(text.text(), characters)) {
                return true;
            }
        }
        return false;
    }

    /** Whether some characters stand one after the other in a run of a paragraph. */
    public static boolean holds(Paragraph paragraph, String characters) {
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text && text.text().contains(characters)) {
                return true;
            }
        }
        return false;
    }

    /** Whether two spaces stand side by side in a paragraph, in one run or where two meet. */
    public static boolean holdsTwoSpaces(Paragraph paragraph) {
        boolean before = false;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Text text && !text.text().isEmpty()) {
                String words = text.text();
                if (before && words.charAt(0) == ' ' || words.contains("  ")) {
                    return true;
                }
                before = words.charAt(words.length() - 1) == ' ';
            } else if (inline.length() > 0) {
                before = false;
            }
        }
        return false;
    }

    private static boolean holdsAny(String text, String characters) {
        for (int i = 0; i < characters.length(); i++) {
            if (text.indexOf(characters.charAt(i)) >= 0) {
                return true;
            }
        }
        return false;
    }
}
