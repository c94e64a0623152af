package grintel.core.language;

import grintel.core.data.DataNode;
import grintel.core.guide.demand.CaseStyle;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Title case by the rules of each guide: all words begin with a capital but for a closed list of short words, which
 * begin with one only where a title or its second part begins. Where the list cannot tell, as with words that are a
 * preposition in one title and an adverb in the next, a word is left as it stands. So is a word with capitals of its own.
 */
public final class TitleCase {
    private static final Pattern WORD = Pattern.compile("[\\p{L}\\p{N}][\\p{L}\\p{N}\\p{M}'’]*");
    private static final int LONG_IN_APA = 4;
    private static final DataNode WORDS = DataNode.resource(TitleCase.class, "short-words.yaml");
    private static final Set<String> ARTICLES = words("articles");
    private static final Set<String> CONJUNCTIONS = words("conjunctions");
    private static final Set<String> PREPOSITIONS = words("prepositions");
    private static final Set<String> PREPOSITIONS_AND_MORE = words("prepositions-and-more");
    private static final Set<String> PHRASAL_VERBS = words("phrasal-verbs");
    private static final Set<String> PARTICLES = words("particles");
    private static final Set<String> PREFIXES = words("prefixes");

    private TitleCase() {}

    private static Set<String> words(String list) {
        return Set.copyOf(new HashSet<>(WORDS.get(list).texts()));
    }

    /** A title in title case, character for character as long as it was. */
    public static String of(String title, CaseStyle style) {
        return of(title, style, at -> false);
    }

    /** @param kept whether the word at a place is to be left as it stands, such as one in italics */
    public static String of(String title, CaseStyle style, IntPredicate kept) {
        boolean shouted = isShouted(title);
        StringBuilder out = new StringBuilder(shouted ? title.toLowerCase(Locale.ROOT) : title);
        if (out.length() != title.length()) {
            return title;
        }
        int lastStart = lastWord(title);
        Matcher word = WORD.matcher(title);
        String before = "";
        int end = 0;
        while (word.find()) {
            String text = out.substring(word.start(), word.end());
            boolean opens = before.isEmpty() || opensAfter(title, end, word.start());
            boolean last = word.start() == lastStart && style != CaseStyle.APA;
            String joined = isHyphen(title, end, word.start()) ? before : "";
            if (!kept.test(word.start()) && !keepsItself(text, title, word.start(), word.end())) {
                Casing casing =
                        opens || last ? Casing.CAPITAL : casing(text.toLowerCase(Locale.ROOT), before, joined, style);
                apply(casing, out, word.start());
            }
            before = text.toLowerCase(Locale.ROOT);
            end = word.end();
        }
        return out.toString();
    }

    /** Whether a line of a title ends with a word after which it must go on: an article, a conjunction, a preposition. */
    public static boolean isLeftOpen(String line) {
        String last = line.substring(Math.max(0, lastWord(line))).toLowerCase(Locale.ROOT);
        return ARTICLES.contains(last) || CONJUNCTIONS.contains(last) || PREPOSITIONS.contains(last);
    }

    private enum Casing {
        CAPITAL,
        LOWER,
        AS_IT_IS
    }

    private static void apply(Casing casing, StringBuilder out, int at) {
        char c = out.charAt(at);
        if (casing == Casing.CAPITAL) {
            out.setCharAt(at, Character.toUpperCase(c));
        } else if (casing == Casing.LOWER) {
            out.setCharAt(at, Character.toLowerCase(c));
        }
    }

    private static Casing casing(String word, String before, String joinedTo, CaseStyle style) {
        if (!joinedTo.isEmpty() && PREFIXES.contains(joinedTo) || PARTICLES.contains(word)) {
            return Casing.AS_IT_IS;
        }
        if (ARTICLES.contains(word)) {
            return Casing.LOWER;
        }
        if (style == CaseStyle.APA && word.length() >= LONG_IN_APA) {
            return Casing.CAPITAL;
        }
        if (CONJUNCTIONS.contains(word)) {
            return Casing.LOWER;
        }
        if (PREPOSITIONS.contains(word)) {
            return PHRASAL_VERBS.contains(before) ? Casing.AS_IT_IS : Casing.LOWER;
        }
        return PREPOSITIONS_AND_MORE.contains(word) ? Casing.AS_IT_IS : Casing.CAPITAL;
    }

    /** Whether a word has a form of its own: capitals inside, digits, a letter by itself, or it is part of a link. */
    private static boolean keepsItself(String word, String title, int from, int to) {
        boolean inside = word.substring(1).chars().anyMatch(c -> Character.isUpperCase(c) || Character.isDigit(c));
        boolean single = word.length() == 1 && !word.equalsIgnoreCase("a") && !word.equalsIgnoreCase("i");
        boolean link = from > 0 && "./@_".indexOf(title.charAt(from - 1)) >= 0
                || to < title.length() - 1 && "/@_".indexOf(title.charAt(to)) >= 0
                || to < title.length() - 1 && title.charAt(to) == '.' && Character.isLetter(title.charAt(to + 1));
        return inside || single || link || Character.isDigit(word.charAt(0));
    }

    private static int lastWord(String title) {
        Matcher word = WORD.matcher(title);
        int last = -1;
        while (word.find()) {
            last = word.start();
        }
        return last;
    }

    /** Whether what stands between two words starts a new part of the title. */
    private static boolean opensAfter(String title, int from, int to) {
        String between = title.substring(from, to);
        return between.chars().anyMatch(c -> ":?!—".indexOf(c) >= 0)
                || between.contains(". ")
                || between.contains("–") && between.length() > 1
                || between.contains("\n");
    }

    private static boolean isHyphen(String title, int from, int to) {
        return to == from + 1 && "-\u2010\u2011".indexOf(title.charAt(from)) >= 0;
    }

    /** Whether a title of several words is typed in capitals throughout. */
    public static boolean isShouted(String title) {
        return title.codePoints().filter(Character::isLetter).count() > 5
                && title.codePoints().noneMatch(Character::isLowerCase)
                && title.strip().indexOf(' ') > 0;
    }
}
