package grintel.core.structure;

import java.util.Locale;
import java.util.Set;
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
            "cited works");
    private static final Set<String> NOTES = Set.of("notes", "endnotes", "footnotes");
    private static final Pattern APPENDIX = Pattern.compile("(?i)appendix(\\s+[a-z0-9]{1,2})?\\s*([.:–—-].*)?");
    private static final Pattern CAPTION = Pattern.compile("(?i)(table|figure|fig\\.?)\\s+[a-z]?\\d+\\b.*");
    private static final Pattern CAPTION_NUMBER = Pattern.compile("(?i)(table|figure|fig\\.?)\\s+[a-z]?\\d+\\s*[.:]?");
    private static final Pattern TABLE_NOTE = Pattern.compile("(?i)(note|notes|source|sources)\\s*[.:].*");
    private static final Pattern KEYWORDS = Pattern.compile("(?i)key\\s?words\\s*:.*");
    private static final Pattern BULLET = Pattern.compile("[•◦▪‣·*–-][\\s\u00A0].*");
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

    static boolean isCaption(String text) {
        return CAPTION.matcher(text).matches();
    }

    /** A caption's number on a line of its own. */
    static boolean isCaptionNumber(String text) {
        return CAPTION_NUMBER.matcher(text).matches();
    }

    static boolean isTableNote(String text) {
        return TABLE_NOTE.matcher(text).matches();
    }

    /** A bullet or a number typed by hand. */
    static boolean isTypedListItem(String text) {
        return BULLET.matcher(text).matches() || NUMBERED.matcher(text).matches();
    }

    private static String plain(String text) {
        String lower = text.strip().toLowerCase(Locale.ROOT);
        return lower.endsWith(":") || lower.endsWith(".")
                ? lower.substring(0, lower.length() - 1).strip()
                : lower;
    }
}
