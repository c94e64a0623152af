package grintel.core.structure;

import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Lines in brackets that wait to be replaced, as new papers and templates have them: they say what will stand there. */
public final class Placeholders {
    private static final Pattern NAMED = Pattern.compile("(?i)[\\[<{]\\s*(?:your |insert |the )?"
            + "(title|subtitle|name|first name|author|student|institution|university|college|school|department|course|"
            + "class|instructor|professor|teacher|assignment|due date|date)\\b[^\\[\\]<>{}]{0,60}[\\]>}]");
    private static final Pattern TEXT =
            Pattern.compile("(?i)\\[\\s*(?:text|paragraph|abstract|source)\\b[^\\[\\]]*\\]");
    private static final Map<String, PartKind> KINDS = Map.ofEntries(
            Map.entry("title", PartKind.TITLE),
            Map.entry("subtitle", PartKind.SUBTITLE),
            Map.entry("name", PartKind.AUTHOR),
            Map.entry("first name", PartKind.AUTHOR),
            Map.entry("author", PartKind.AUTHOR),
            Map.entry("student", PartKind.AUTHOR),
            Map.entry("institution", PartKind.INSTITUTION),
            Map.entry("university", PartKind.INSTITUTION),
            Map.entry("college", PartKind.INSTITUTION),
            Map.entry("school", PartKind.INSTITUTION),
            Map.entry("department", PartKind.DEPARTMENT),
            Map.entry("course", PartKind.COURSE),
            Map.entry("class", PartKind.CLASS_PERIOD),
            Map.entry("instructor", PartKind.INSTRUCTOR),
            Map.entry("professor", PartKind.INSTRUCTOR),
            Map.entry("teacher", PartKind.INSTRUCTOR),
            Map.entry("assignment", PartKind.ASSIGNMENT),
            Map.entry("due date", PartKind.DATE),
            Map.entry("date", PartKind.DATE));

    private Placeholders() {}

    /** What a line of an opening will name, or null where it is no placeholder of one. */
    static @Nullable PartKind named(String line) {
        Matcher named = NAMED.matcher(line);
        return named.matches() ? KINDS.get(named.group(1).toLowerCase(Locale.ROOT)) : null;
    }

    /** Whether a line waits to be replaced by text. */
    public static boolean isText(String line) {
        return TEXT.matcher(line.strip()).matches();
    }
}
