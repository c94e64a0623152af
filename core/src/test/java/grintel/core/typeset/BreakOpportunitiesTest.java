package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.BreakIterator;
import com.ibm.icu.util.ULocale;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class BreakOpportunitiesTest {
    /** What most words are made of, with what may part them. */
    private static final String USUAL = "abcZ  -/'1.,;:!?\"()\u201C\u201D\u2019\u2014";
    /** Characters of every class that behaves in a way of its own. */
    private static final String CHARACTERS =
            "aaabcZé  \u00A0\u2011-\u2010\u2013\u2014/\\01.,;:!?'\"()[]{}%$\u20AC#&+*=@"
                    + "\u2018\u2019\u201C\u201D\u00AB\u00BB\u2026\u00AD\u200B\u2060\u200D\uFEFF\n\t\u05D0\u05D1\u4E00\u3001\u30A1\uAC00"
                    + "\u1100\u1161\u0E01\u0E02\u0301\uFFFC\u2028\uD83D\uDE00\uD83C\uDDE9\uD83C\uDDEA";

    @Test
    void areThoseOfTheWholeText() {
        BreakOpportunities opportunities = new BreakOpportunities();
        Random random = new Random(5);
        for (int round = 0; round < 20_000; round++) {
            StringBuilder text = new StringBuilder();
            int length = 1 + random.nextInt(24);
            int usual = random.nextInt(11);
            while (text.length() < length) {
                String from = random.nextInt(10) < usual ? USUAL : CHARACTERS;
                int at = random.nextInt(from.length());
                text.appendCodePoint(from.codePointAt(Character.isLowSurrogate(from.charAt(at)) ? at - 1 : at));
            }
            assertThat(found(opportunities, text.toString()))
                    .as(text.toString())
                    .isEqualTo(ofWhole(text.toString()));
        }
    }

    private static Set<Integer> found(BreakOpportunities opportunities, String text) {
        boolean[] before = opportunities.find(text.toCharArray(), text.length());
        Set<Integer> places = new TreeSet<>();
        for (int i = 0; i <= text.length(); i++) {
            if (before[i]) {
                places.add(i);
            }
        }
        return places;
    }

    /** What ICU says of all of it, and every plain space a place. */
    private static Set<Integer> ofWhole(String text) {
        BreakIterator iterator = BreakIterator.getLineInstance(ULocale.ENGLISH);
        iterator.setText(text);
        Set<Integer> places = new TreeSet<>();
        for (int at = iterator.first(); at != BreakIterator.DONE; at = iterator.next()) {
            places.add(at);
        }
        for (int i = 1; i < text.length(); i++) {
            if (text.charAt(i - 1) == ' ') {
                if (text.charAt(i) == ' ') {
                    places.remove(i);
                } else {
                    places.add(i);
                }
            }
        }
        return places;
    }
}
