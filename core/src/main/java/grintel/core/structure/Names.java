package grintel.core.structure;

import grintel.core.language.Degrees;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Names of people as they stand in a line. */
final class Names {
    private static final String WORD = "\\p{Lu}[\\p{L}'’-]*\\.?";
    private static final Pattern NAME = Pattern.compile(WORD + "(\\s+(" + WORD + "|\\p{Ll}{1,3})){1,4}");
    private static final Pattern REVERSED = Pattern.compile(WORD + ",\\s+" + WORD + "(\\s+" + WORD + "){0,2}");
    private static final Pattern TITLED =
            Pattern.compile("(?i)(dr|prof|professor|mr|mrs|ms|miss|rev|sir|instructor|teacher|lecturer)\\b.*");
    private static final Pattern BY = Pattern.compile("(?i)(by|name|author|student|submitted by)\\s*:?\\s+(.*)");
    /** What may come before the name of the one a paper is written for. */
    private static final Pattern TO =
            Pattern.compile("(?i)^(?:submitted|presented|prepared|written)?\\s*(?:to|for):?\\s+");

    private static final Set<String> SUFFIXES = Set.of("jr", "jr.", "sr", "sr.", "ii", "iii", "iv");
    private static final Set<String> PARTICLES = words("de del der den di da du la le van von vom zu ter af av");
    /** Words that stand in lines of an opening, and in no one's name. */
    private static final Set<String> NO_NAMES = words("""
            the an of and or in on at to for from with as is vs its college university school department
            institute course class period essay paper seminar history english literature biology
            psychology composition introduction january february march july
            september october november december spring summer autumn fall winter chapter part draft user
            student name your author owner admin assignment report project""");

    private Names() {}

    private static Set<String> words(String list) {
        return Set.of(list.split("\\s+", -1));
    }

    /** Whether a line reads as the name of one person, without a title. */
    static boolean isName(String line) {
        String name = withoutLead(line);
        return (NAME.matcher(name).matches() || REVERSED.matcher(name).matches())
                && !TITLED.matcher(name).matches()
                && holdsOnlyNames(name);
    }

    private static boolean holdsOnlyNames(String name) {
        for (String word : name.toLowerCase(Locale.ROOT).split("[\\s,.]+", -1)) {
            if (NO_NAMES.contains(word)) {
                return false;
            }
        }
        // A single letter at the start is an article unless it is marked as an initial.
        return !name.startsWith("A ");
    }

    /** Whether a line opens with the title of someone who teaches. */
    static boolean isTitled(String line) {
        return TITLED.matcher(TO.matcher(line).replaceFirst("")).matches();
    }

    /** Whether a line says itself that a name follows, as "by" does. */
    static boolean isSaid(String line) {
        return BY.matcher(line).matches() && isName(line);
    }

    /** The names of a line that names one person or several; none where it names no one. */
    static List<PersonName> in(String line) {
        String plain = withoutLead(line);
        if (isName(plain)) {
            return List.of(name(plain));
        }
        List<PersonName> out = new ArrayList<>();
        for (String each : plain.split("\\s*(?:,\\s*and\\s+|,\\s*&\\s*|\\s+and\\s+|\\s*&\\s*|,\\s*|;\\s*)", -1)) {
            if (!isName(each)) {
                return List.of();
            }
            out.add(name(each));
        }
        return out;
    }

    private static String withoutLead(String line) {
        Matcher by = BY.matcher(line.strip());
        String names = by.matches() ? by.group(2).strip() : line.strip();
        return TITLED.matcher(names).matches() ? names : Degrees.without(names);
    }

    private static PersonName name(String line) {
        int comma = line.indexOf(',');
        if (comma > 0) {
            return of(
                    line.substring(comma + 1).strip().split("\\s+", -1),
                    line.substring(0, comma).strip());
        }
        String[] words = line.split("\\s+", -1);
        int last = words.length - 1;
        if (SUFFIXES.contains(words[last].toLowerCase(Locale.ROOT)) && last > 1) {
            last--;
        }
        int first = last;
        while (first > 1 && PARTICLES.contains(words[first - 1])) {
            first--;
        }
        String surname = String.join(" ", List.of(words).subList(first, last + 1));
        return of(Arrays.copyOf(words, first), surname);
    }

    private static PersonName of(String[] given, String surname) {
        String first = given.length == 0 ? "" : given[0];
        String middle = given.length < 2 ? "" : String.join(" ", List.of(given).subList(1, given.length));
        return new PersonName(first, middle, surname);
    }

    /** The person a line names where it names one alone, else null. */
    static @Nullable PersonName one(String line) {
        List<PersonName> names = in(line);
        return names.size() == 1 ? names.get(0) : null;
    }
}
