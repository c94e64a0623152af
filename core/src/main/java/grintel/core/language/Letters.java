package grintel.core.language;

import java.text.Normalizer;
import java.util.Locale;
import java.util.Map;

/** Words as they are compared: their letters and digits alone, without case and accents. */
public final class Letters {
    /** Letters that Unicode does not take apart. */
    private static final Map<Character, String> WHOLE =
            Map.of('ß', "ss", 'ø', "o", 'æ', "ae", 'œ', "oe", 'ł', "l", 'đ', "d", 'ð', "d", 'þ', "th", 'ı', "i");

    private Letters() {}

    /** The letters and digits of a text run together, as filing letter by letter sees them. */
    public static String of(String text) {
        return folded(text, false);
    }

    /** The words of a text in single spaces. */
    public static String words(String text) {
        return folded(text, true).strip();
    }

    private static String folded(String text, boolean spaced) {
        String apart = Normalizer.normalize(text, Normalizer.Form.NFD).toLowerCase(Locale.ROOT);
        StringBuilder out = new StringBuilder(apart.length());
        for (int i = 0; i < apart.length(); i++) {
            char c = apart.charAt(i);
            String whole = WHOLE.get(c);
            if (whole != null) {
                out.append(whole);
            } else if (Character.isLetterOrDigit(c) || Character.isSurrogate(c)) {
                out.append(c);
            } else if (spaced && !isWithinWord(c) && !out.isEmpty() && out.charAt(out.length() - 1) != ' ') {
                out.append(' ');
            }
        }
        return out.toString();
    }

    private static boolean isWithinWord(char c) {
        return c == '\'' || c == '’' || c == '\u00AD' || Character.getType(c) == Character.NON_SPACING_MARK;
    }
}
