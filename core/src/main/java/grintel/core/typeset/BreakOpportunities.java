package grintel.core.typeset;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.text.StringCharacterIterator;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.IntStream;

/**
 * Where lines may break: UAX #14 as ICU implements it, and after every plain space. As spaces always part, what stands
 * between two of them is looked at by itself, and most of that is a word in which there is nothing to look for. Not for
 * several threads.
 */
final class BreakOpportunities {
    private static final int KEPT = 4096;

    private final BreakIterator iterator = BreakIterator.getLineInstance(ULocale.ENGLISH);
    /** Places inside what stands between two spaces, as found before. */
    private final Map<String, int[]> known = new HashMap<>();

    private boolean[] before = new boolean[256];

    /** For each place in the first characters of the text whether a line may start there; the array is used again by the next call. */
    boolean[] find(char[] text, int length) {
        if (before.length < length + 1) {
            before = new boolean[Math.max(length + 1, before.length * 2)];
        } else {
            Arrays.fill(before, 0, length + 1, false);
        }
        for (int from = 0; from < length; ) {
            int to = from;
            while (to < length && text[to] != ' ') {
                to++;
            }
            if (!isPlainWord(text, from, to)) {
                for (int place : inside(new String(text, from, to - from))) {
                    before[from + place] = true;
                }
            }
            while (to < length && text[to] == ' ') {
                to++;
            }
            before[to] = true;
            from = to;
        }
        before[0] = true;
        return before;
    }

    /** Letters, with quotes and brackets before them and quotes, brackets and stops after: no line breaks in it. */
    private static boolean isPlainWord(char[] text, int from, int to) {
        int at = from;
        while (at < to && (text[at] == '(' || text[at] == '"' || text[at] == '\u201C')) {
            at++;
        }
        while (at < to && isLetter(text[at])) {
            at++;
        }
        while (at < to && isStop(text[at])) {
            at++;
        }
        return at == to;
    }

    private static boolean isLetter(char c) {
        return c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z';
    }

    private static boolean isStop(char c) {
        return c == ','
                || c == '.'
                || c == ';'
                || c == ':'
                || c == '?'
                || c == '!'
                || c == ')'
                || c == '"'
                || c == '\u201D';
    }

    private int[] inside(String piece) {
        int[] found = known.get(piece);
        if (found == null) {
            found = ask(piece);
            if (known.size() == KEPT) {
                known.clear();
            }
            known.put(piece, found);
        }
        return found;
    }

    private int[] ask(String piece) {
        iterator.setText(new StringCharacterIterator(piece));
        IntStream.Builder places = IntStream.builder();
        iterator.first();
        for (int at = iterator.next(); at != BreakIterator.DONE; at = iterator.next()) {
            // The end of the piece is a place only after a break of the text's own; else the space after it is none.
            if (at < piece.length() || isBreak(piece.charAt(at - 1))) {
                places.add(at);
            }
        }
        return places.build().toArray();
    }

    /** Classes BK, CR, LF and NL of UAX #14. */
    private static boolean isBreak(char c) {
        return c >= '\n' && c <= '\r' || c == '\u0085' || c == '\u2028' || c == '\u2029';
    }
}
