package grintel.core.language;

import grintel.core.limit.WorkLimits;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Finds what a survey tool left in the lines of an exported questionnaire and no participant was meant to read. */
public final class ExportTraces {
    /** A longer line is text, whatever it opens with. */
    private static final int LONGEST_MARKER = 200;

    private static final int MOST_READ = 2_000;
    private static final int NO_CODE = -9;

    private static final Pattern BLOCK = Pattern.compile(
            "(?i)[\\W_]*(?:(?:start|begin|beginning|end)\\s+of\\s+(?:the\\s+)?(?:block|section|group|page|survey)\\b.*|(?:block|section|group)\\s+(?:start|end|begins|ends)\\b.*)");
    private static final Pattern PAGE = Pattern.compile("(?i)[\\W_]*page\\s?break[\\W_]*|[-=*–—]{5,}");
    private static final Pattern LOGIC =
            Pattern.compile("(?i)[\\W_]*(?:(?:display|skip|branch|loop)(?:/\\w+)? logic\\b.*"
                    + "|(?:display|show|ask|hide) this (?:question|item|block|page)s?\\s*(?:[:.]|if\\b|only\\b|when\\b|$).*"
                    + "|skip to\\b.{1,80}(?:\\bif\\b|:).*|(?:if|and if|or if)\\b.{1,150}\\b(?:is|are|was) (?:not )?(?:selected|checked|displayed|answered|empty|equal to)\\b.*"
                    + "|condition\\s*:.*|randomi[sz]ed?\\b.{0,40}\\border\\W*)");
    private static final Pattern ITEM_CODE = Pattern.compile(
            "\\s*(?<code>\\[?(?:Q|QID|ITEM|VAR|V)[_-]?\\d{1,3}(?:[._]\\d{1,3})*[a-z]?\\]?(?:[.:)]|(?=\\s|$))\\s*)(?<rest>.*)",
            Pattern.DOTALL);
    private static final Pattern OPTION_CODE = Pattern.compile(
            ".*?\\S(?<code>\\s*(?:\\((?<a>\\d{1,2})\\)|\\[(?<b>\\d{1,2})\\]|\\{(?<c>\\d{1,2})\\})\\s*)",
            Pattern.DOTALL);
    private static final Pattern BUBBLE =
            Pattern.compile("\\s*(?<sign>(?:[○◯●⚪⚫▢□☐☑❏❍]|\\[ ?\\]|\\( ?\\))\\s*)(?<rest>\\S.*)", Pattern.DOTALL);
    private static final Pattern LETTER_BUBBLE = Pattern.compile("\\s*(?<sign>o\\s+)(?<rest>\\S.*)", Pattern.DOTALL);

    private ExportTraces() {}

    /** What a trace is. */
    public enum Kind {
        BLOCK_MARKER("block-marker"),
        PAGE_MARKER("page-marker"),
        LOGIC("logic"),
        ITEM_CODE("item-code"),
        OPTION_CODE("option-code"),
        BUBBLE("bubble");

        private final String id;

        Kind(String id) {
            this.id = id;
        }

        /** The key of its wording. */
        public String id() {
            return id;
        }
    }

    /**
     * Characters of a line that are a trace.
     *
     * @param line counted from 0
     */
    public record Trace(Kind kind, int line, int from, int to) {}

    /** The traces in some neighbouring lines, in order. */
    public static List<Trace> in(List<String> lines) {
        List<Trace> out = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            WorkLimits.goOn();
            String line = lines.get(i);
            Kind marker = marker(line);
            if (marker != null) {
                out.add(new Trace(marker, i, 0, line.length()));
                continue;
            }
            Matcher code = ITEM_CODE.matcher(line);
            if (line.length() <= MOST_READ && code.matches()) {
                out.add(new Trace(Kind.ITEM_CODE, i, code.start("code"), code.end("code")));
            }
            bubble(lines, i, out);
            if (isOption(lines, i)) {
                Matcher option = OPTION_CODE.matcher(line);
                if (option.matches()) {
                    out.add(new Trace(Kind.OPTION_CODE, i, option.start("code"), line.length()));
                }
            }
        }
        return out;
    }

    private static @Nullable Kind marker(String line) {
        if (line.isBlank() || line.length() > LONGEST_MARKER) {
            return null;
        }
        String plain = line.strip();
        if (BLOCK.matcher(plain).matches()) {
            return Kind.BLOCK_MARKER;
        }
        if (PAGE.matcher(plain).matches()) {
            return Kind.PAGE_MARKER;
        }
        return LOGIC.matcher(plain).matches() ? Kind.LOGIC : null;
    }

    /** A circle or a box to be ticked; the letter that stands for one only where a neighbour has it too. */
    private static void bubble(List<String> lines, int at, List<Trace> out) {
        Matcher bubble = BUBBLE.matcher(lines.get(at));
        if (!bubble.matches()) {
            boolean several = at > 0 && LETTER_BUBBLE.matcher(lines.get(at - 1)).matches()
                    || at + 1 < lines.size()
                            && LETTER_BUBBLE.matcher(lines.get(at + 1)).matches();
            bubble = LETTER_BUBBLE.matcher(lines.get(at));
            if (!several || !bubble.matches()) {
                return;
            }
        }
        out.add(new Trace(Kind.BUBBLE, at, bubble.start("sign"), bubble.end("sign")));
    }

    /** Whether a line ends with a code, and the next or the one before with the next or the last number in the same brackets. */
    private static boolean isOption(List<String> lines, int at) {
        int own = code(lines, at);
        return own >= 0 && (code(lines, at - 1) == own - 1 && at > 0 || code(lines, at + 1) == own + 1);
    }

    private static int code(List<String> lines, int at) {
        if (at < 0 || at >= lines.size() || lines.get(at).length() > LONGEST_MARKER) {
            return NO_CODE;
        }
        Matcher code = OPTION_CODE.matcher(lines.get(at));
        if (!code.matches()) {
            return NO_CODE;
        }
        for (String group : List.of("a", "b", "c")) {
            if (code.group(group) != null) {
                return Integer.parseInt(code.group(group));
            }
        }
        return NO_CODE;
    }
}
