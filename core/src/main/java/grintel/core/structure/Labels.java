package grintel.core.structure;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The words by which parts of a paper name themselves. */
final class Labels {
    private static final Set<String> SOURCES = Set.of(
            "references",
            "reference",
            "reference list",
            "list of references",
            "works cited",
            "work cited",
            "list of works cited",
            "bibliography",
            "works consulted",
            "sources",
            "literature",
            "literature cited",
            "cited works",
            "references cited",
            "sources cited",
            "list of sources");
    private static final Set<String> SECTION_WORDS = Set.of(
            "introduction", "method", "methods", "background", "overview", "results", "discussion", "conclusion");
    /** A longer line is no label, whatever it says. */
    private static final int LONGEST_WORDS = 40;

    private static final Set<String> NOTES = Set.of("notes", "endnotes", "footnotes");
    private static final Pattern APPENDIX = Pattern.compile("(?i)appendix(\\s+[a-z0-9]{1,2})?\\s*([.:–—-].*)?");
    private static final String CAPTION_WORD = "(table|figure|fig|tab|chart|plate|example|illustration)\\.?";
    private static final String CAPTION_FIGURE = "([a-z]?\\.?\\d{1,3}([.–-]\\d{1,2})?[a-z]?|[ivxl]{1,6})";
    /** A number, and what comes after it up to the title where that follows on the same line. */
    private static final Pattern CAPTION =
            Pattern.compile("(?i)(" + CAPTION_WORD + "\\s+" + CAPTION_FIGURE + ")(\\s*[.:–—-]|\\s|$)(.*)");

    private static final Pattern CAPTION_NUMBER =
            Pattern.compile("(?i)" + CAPTION_WORD + "\\s+" + CAPTION_FIGURE + "\\s*[.:]?");
    private static final Pattern CAPTION_NOTE = Pattern.compile(
            "(?i)(notes?|sources?|adapted from|reprinted from)\\b(.{0,3}[.:]|\\s?[–—]|\\s-\\s).*|(?i)(adapted|reprinted) from\\b.*|[*†]{1,3}\\s*p\\s*[<=].*");
    private static final Pattern KEYWORDS = Pattern.compile("(?i)key\\s?words\\s*:.*");
    private static final Pattern BULLET = Pattern.compile("[•◦▪‣·*–-][\\s\u00A0].*\\p{L}.*");
    private static final Pattern NUMBERED = Pattern.compile("\\(?([0-9]{1,2}|[a-z]|[ivx]{1,4})[.)][\\s\u00A0].*");

    private Labels() {}

    static boolean isSources(String text) {
        return SOURCES.contains(plain(text));
    }

    static boolean isNotes(String text) {
        return NOTES.contains(plain(text));
    }

    static boolean isAbstract(String text) {
        return plain(text).equals("abstract");
    }

    static boolean isKeywords(String text) {
        return KEYWORDS.matcher(text).matches();
    }

    static boolean isAppendix(String text) {
        return text.length() <= 80 && APPENDIX.matcher(text).matches();
    }

    /** Whether a line opens with the number of a table or a figure, whatever comes after it. */
    static boolean isCaption(String text) {
        return CAPTION.matcher(text).matches();
    }

    /** Whether a line is nothing but the number of a table or a figure. */
    static boolean isCaptionNumber(String text) {
        return CAPTION_NUMBER.matcher(text).matches();
    }

    /** Whether a mark parts a caption's number from the words after it, as none does in a sentence. */
    static boolean isParted(String text) {
        Matcher caption = CAPTION.matcher(text);
        return caption.matches() && !caption.group(5).isBlank();
    }

    /** Whether the word after a caption's number opens with a small letter. */
    static boolean isFollowedBySmallLetter(String text) {
        Matcher caption = CAPTION.matcher(text);
        return caption.matches()
                && !caption.group(6).isBlank()
                && Character.isLowerCase(caption.group(6).strip().codePointAt(0));
    }

    /** Whether a line reads as a note under a table or a figure. */
    static boolean isCaptionNote(String text) {
        return CAPTION_NOTE.matcher(text).matches();
    }

    /** Whether a line opens with a bullet typed by hand. */
    static boolean isBulleted(String text) {
        return BULLET.matcher(text).matches();
    }

    /** Whether a line opens with a number or a letter typed by hand. */
    static boolean isNumbered(String text) {
        return NUMBERED.matcher(text).matches();
    }

    static boolean isAuthorNote(String text) {
        return plain(text).equals("author note")
                || plain(text).equals("author's note")
                || plain(text).equals("author’s note");
    }

    /** Whether a line is the name of a section that opens a text rather than its title. */
    static boolean isSectionWord(String text) {
        return SECTION_WORDS.contains(plain(text));
    }

    /** A label's words in lower case, without the mark at their end; empty for a line too long to be one. */
    private static String plain(String text) {
        if (text.length() > LONGEST_WORDS) {
            return "";
        }
        String lower = text.strip().toLowerCase(Locale.ROOT);
        return lower.endsWith(":") || lower.endsWith(".")
                ? lower.substring(0, lower.length() - 1).strip()
                : lower;
    }
}
