package grintel.core.language;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What an entry of a list of sources is filed under: its first author, the others, its year, its title. Filing goes
 * letter by letter, and nothing comes before something.
 *
 * @param element the first author's surname, or the first words of an entry without author
 * @param given the first author's other names, empty where there are none
 * @param others the further authors, empty where there are none
 * @param year as it stands, a letter after it included; empty where there is none
 * @param title what comes after author and year
 * @param dashed whether a long dash stands for the author of the entry before
 */
public record FilingKey(String element, String given, String others, String year, String title, boolean dashed) {
    private static final Pattern DASH = Pattern.compile("^(?:[—–_-]\\s?){1,6}[.,]?\\s+(?=\\S)|^[—_]{1,6}[.,]?");
    private static final Pattern YEAR = Pattern.compile("\\((\\d{4}[a-z]?|n\\.d\\.(?:-[a-z])?|in press)[^)]{0,40}\\)");
    private static final int AUTHORS_WITHIN = 400;
    private static final String SURNAME =
            "(?:\\p{Ll}[\\p{L}'’]{0,4}\\s){0,3}\\p{Lu}[\\p{L}'’.-]*(?:[\\s-]\\p{L}[\\p{L}'’-]*){0,2}";
    private static final Pattern PERSON = Pattern.compile(
            "^(" + SURNAME
                    + "),\\s+((?:\\p{Lu}[\\p{L}'’-]*\\.?(?:-\\p{Lu}\\.)?(?:\\s+(?!and\\b|et\\b))?){1,4}(?:\\s*(?:Jr|Sr|II|III|IV)\\.?)?)");
    /** The end of the names: a full stop after a word that is no initial. */
    private static final Pattern END = Pattern.compile("(?<=[\\p{L}’'”]{2}|et al)\\.(?:\\s|$)");

    private static final Pattern ARTICLE = Pattern.compile("^(?i)(a|an|the)\\s+");
    private static final Pattern PARTICLE = Pattern.compile("^(?:\\p{Ll}[\\p{L}'’]{0,4}\\s+)+");
    private static final Pattern SAINT = Pattern.compile("^St\\.\\s");

    /** Files first by element, then by given name, other authors, year and title. */
    private static final Comparator<FilingKey> ORDER = Comparator.<FilingKey, String>comparing(
                    key -> Letters.of(key.element))
            .thenComparing(key -> Letters.of(key.given))
            .thenComparing(key -> Letters.of(key.others))
            .thenComparing(FilingKey::filedYear)
            .thenComparing(key -> Letters.of(withoutArticle(key.title)));

    /** Reads the head of an entry. */
    public static FilingKey of(String entry) {
        String text = entry.strip();
        Matcher dash = DASH.matcher(text);
        if (dash.find()) {
            String rest = text.substring(dash.end()).strip();
            Matcher year = YEAR.matcher(head(rest));
            boolean dated = year.lookingAt();
            return new FilingKey("", "", "", dated ? year.group(1) : "", dated ? after(rest, year.end()) : rest, true);
        }
        Matcher year = YEAR.matcher(head(text));
        boolean dated = year.find();
        Matcher end = END.matcher(head(text));
        int to = dated ? year.start() : end.find() ? end.start() : Math.min(text.length(), AUTHORS_WITHIN);
        String names = text.substring(0, to).strip();
        String rest = dated ? after(text, year.end()) : after(text, to);
        Matcher person = PERSON.matcher(names);
        if (!person.find()) {
            return new FilingKey(withoutArticle(names), "", "", dated ? year.group(1) : "", rest, false);
        }
        return new FilingKey(
                person.group(1),
                person.group(2).strip(),
                names.substring(person.end()).strip(),
                dated ? year.group(1) : "",
                rest,
                false);
    }

    private static String head(String text) {
        return text.substring(0, Math.min(text.length(), AUTHORS_WITHIN));
    }

    private static String after(String text, int at) {
        return text.substring(at).replaceFirst("^[.,\\s]+", "");
    }

    private static String withoutArticle(String title) {
        String plain = title.replaceFirst("^[^\\p{L}\\p{N}]+", "");
        return ARTICLE.matcher(plain).replaceFirst("");
    }

    /** This key filed under the author of another, for whom its dash stands. */
    public FilingKey under(FilingKey author) {
        return dashed ? new FilingKey(author.element, author.given, author.others, year, title, true) : this;
    }

    private String filedYear() {
        return year.startsWith("n.d") ? "0000" + year : year;
    }

    /** Whether the first element is a person's name. */
    public boolean isPerson() {
        return !given.isEmpty();
    }

    /** Where this key is filed before another, in the first of the ways in which either may be read. */
    public int compare(FilingKey other) {
        return ORDER.compare(this, other);
    }

    /** Whether this key is filed after another however both are read: with or without particles, saints spelled out. */
    public boolean isSurelyAfter(FilingKey other) {
        if (startsWithDigit() || other.startsWithDigit() || isOneGivenName(other)) {
            return false;
        }
        for (FilingKey one : readings()) {
            for (FilingKey two : other.readings()) {
                if (one.compare(two) <= 0) {
                    return false;
                }
            }
        }
        return true;
    }

    private boolean startsWithDigit() {
        return !element.isEmpty() && Character.isDigit(element.charAt(0));
    }

    /** Whether two given names of one surname may be the same, one of them shortened. */
    private boolean isOneGivenName(FilingKey other) {
        String one = Letters.of(given);
        String two = Letters.of(other.given);
        return Letters.of(element).equals(Letters.of(other.element))
                && !one.equals(two)
                && (one.startsWith(two) || two.startsWith(one));
    }

    private List<FilingKey> readings() {
        List<FilingKey> out = new ArrayList<>(List.of(this));
        Matcher particle = PARTICLE.matcher(element);
        if (isPerson() && particle.find()) {
            out.add(withElement(element.substring(particle.end())));
        }
        if (SAINT.matcher(element).find()) {
            out.add(withElement("Saint " + element.substring(3)));
        }
        return out;
    }

    private FilingKey withElement(String other) {
        return new FilingKey(other, given, others, year, title, dashed);
    }
}
