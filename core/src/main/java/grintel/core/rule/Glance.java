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

    private static boolean holdsAny(String text, String characters) {
        for (int i = 0; i < characters.length(); i++) {
            if (text.indexOf(characters.charAt(i)) >= 0) {
                return true;
            }
        }
        return false;
    }
}
