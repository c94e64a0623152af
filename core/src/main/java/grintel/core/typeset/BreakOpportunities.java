package grintel.core.typeset;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.text.StringCharacterIterator;
import java.util.Arrays;

/** Where lines may break: UAX #14 as ICU implements it, and after every plain space. Not for several threads. */
final class BreakOpportunities {
    private final BreakIterator iterator = BreakIterator.getLineInstance(ULocale.ENGLISH);
    private boolean[] before = new boolean[256];

    /** For each place in the first characters of the text whether a line may start there; the array is used again by the next call. */
    boolean[] find(char[] text, int length) {
        if (before.length < length + 1) {
            before = new boolean[Math.max(length + 1, before.length * 2)];
        } else {
            Arrays.fill(before, 0, length + 1, false);
        }
        iterator.setText(new StringCharacterIterator(new String(text, 0, length)));
        for (int at = iterator.first(); at != BreakIterator.DONE; at = iterator.next()) {
            before[at] = true;
        }
        for (int i = 1; i < length; i++) {
            if (text[i - 1] == ' ') {
                before[i] = text[i] != ' ';
            }
        }
        return before;
    }
}
