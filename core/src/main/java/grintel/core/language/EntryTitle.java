package grintel.core.language;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * The titles in an entry, where its form tells them apart: that of a part, such as an article, and that of the whole it
 * stands in, or that stands alone. Where the form does not tell, there is none.
 */
public final class EntryTitle {
    private static final String OPEN = "[“\"]";
    private static final String CLOSE = "[”\"]";
    /** A title in quotation marks, and the name of what holds it. */
    private static final Pattern QUOTED =
            Pattern.compile(OPEN + "([^”\"]{3,300})" + CLOSE + "[.,]?\\s+(?:(?:In|in|Edited by [^,.]{3,60},)\\s+)?"
                    + "([\\p{Lu}][^,.;()“”\"]{2,160}?)(?=[,.;(]|\\s\\d|\\s(?:vol|no)\\.)");
    /** A year in brackets, a title, and a journal with its volume. */
    private static final Pattern DATED_ARTICLE = Pattern.compile(
            "\\((?:\\d{4}[a-z]?|n\\.d\\.|in press)[^)]{0,40}\\)\\.\\s+([^“\"].{5,300}?[.?!])\\s+(\\p{Lu}[^.;()]{2,140}?),\\s+(?:\\d{1,4}\\s?[,(]|\\d{1,4},)");
    /** A year in brackets, a title, and a book of several authors that holds it. */
    private static final Pattern DATED_CHAPTER = Pattern.compile(
            "\\((?:\\d{4}[a-z]?|n\\.d\\.)[^)]{0,40}\\)\\.\\s+([^“\"].{5,300}?[.?!])\\s+In\\s+[^()]{3,140}\\(Eds?\\.\\),\\s+"
                    + "(\\p{Lu}[^(.]{3,200}?)\\s*(?=[(.])");
    /** A year in brackets, and a title with the name of a press after it. */
    private static final Pattern DATED_BOOK = Pattern.compile(
            "\\((?:\\d{4}[a-z]?|n\\.d\\.)\\)\\.\\s+"
                    + "(\\p{Lu}[^.“\"]{5,240}?)(?=\\s*(?:\\([^)]*\\))?\\.\\s+[\\p{L}&’' -]{3,60}(?:Press|Books|Publishing|Publishers|Verlag|House)\\b)");
    /** Names, a title, and a press with a year after it. */
    private static final Pattern BOOK = Pattern.compile(
            "(?<=[\\p{L}’]{2}|\\b\\p{Lu})\\.\\s+(\\p{Lu}[^.“”\"]{3,200})\\."
                    + "\\s+(?:[^.]{0,40}\\bed\\.,?\\s+)?[\\p{L}&:’' -]{0,60}(?:Press|Books|Publishing|Publishers|Verlag|House),?\\s+\\d{4}\\.?");

    private EntryTitle() {}

    /** Where a title stands in an entry. */
    public record Found(int from, int to) {}

    /** The title that is slanted: of a journal, of a book that holds what is cited, or of a book. */
    public static @Nullable Found container(String entry) {
        for (Pattern pattern : new Pattern[] {QUOTED, DATED_CHAPTER, DATED_ARTICLE}) {
            Matcher matcher = pattern.matcher(entry);
            if (matcher.find()) {
                return new Found(matcher.start(2), matcher.end(2));
            }
        }
        for (Pattern pattern : new Pattern[] {DATED_BOOK, BOOK}) {
            Matcher matcher = pattern.matcher(entry);
            if (matcher.find()) {
                return new Found(matcher.start(1), matcher.end(1));
            }
        }
        return null;
    }

    /** The title of an article or a chapter, which is not. */
    public static @Nullable Found article(String entry) {
        for (Pattern pattern : new Pattern[] {QUOTED, DATED_CHAPTER, DATED_ARTICLE}) {
            Matcher matcher = pattern.matcher(entry);
            if (matcher.find()) {
                return new Found(matcher.start(1), matcher.end(1));
            }
        }
        return null;
    }
}
