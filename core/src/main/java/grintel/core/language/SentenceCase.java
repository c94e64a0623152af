package grintel.core.language;

import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Sentence case: the first word, and the first after a colon, begin with a capital, all others as they do in a sentence.
 * Which words are names, the paper itself tells: a word that it writes small elsewhere is none.
 */
public final class SentenceCase {
    private static final Pattern WORD = Pattern.compile("\\p{L}[\\p{L}\\p{M}'’]*");

    private SentenceCase() {}

    /**
     * A line in sentence case, character for character as long as it was.
     *
     * @param small the words that the paper writes in small letters, by themselves
     * @param kept whether the word at a place is to be left as it stands
     */
    public static String of(String line, Set<String> small, IntPredicate kept) {
        StringBuilder out = new StringBuilder(line);
        Matcher word = WORD.matcher(line);
        int end = 0;
        boolean first = true;
        while (word.find()) {
            String between = line.substring(end, word.start());
            boolean opens = first || between.chars().anyMatch(c -> ":?!.—".indexOf(c) >= 0);
            String text = word.group();
            if (!kept.test(word.start())) {
                if (opens) {
                    out.setCharAt(word.start(), Character.toUpperCase(text.charAt(0)));
                } else if (isCapitalised(text) && small.contains(Letters.of(text))) {
                    out.setCharAt(word.start(), Character.toLowerCase(text.charAt(0)));
                }
            }
            first = false;
            end = word.end();
        }
        return out.toString();
    }

    private static boolean isCapitalised(String word) {
        return word.length() > 1
                && Character.isUpperCase(word.charAt(0))
                && word.substring(1).chars().noneMatch(Character::isUpperCase);
    }

    /** The words of a text that stand in small letters, gathered into a set. */
    public static void gather(String text, Set<String> small) {
        Matcher word = WORD.matcher(text);
        while (word.find()) {
            if (Character.isLowerCase(text.codePointAt(word.start()))) {
                small.add(Letters.of(word.group()));
            }
        }
    }
}
