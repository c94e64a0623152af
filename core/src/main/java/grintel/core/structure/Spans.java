package grintel.core.structure;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.paper.VisibleText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Finds the spans of a paragraph that are parts: citations, signs of notes, mentions of tables, figures, appendices. */
final class Spans {
    private static final Set<PartKind> READ = EnumSet.of(
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.BLOCK_QUOTATION,
            PartKind.LIST_ITEM,
            PartKind.ABSTRACT_TEXT,
            PartKind.NOTE,
            PartKind.CAPTION_NOTE);
    /** No citation is looked for in a paragraph longer than this; none that people write is. */
    private static final int LONGEST = 100_000;

    private static final String SURNAME = "\\p{Lu}[\\p{L}’'-]{1,30}";
    private static final String SURNAMES = SURNAME + "(?:,? (?:and|&) " + SURNAME + "|,? et al\\.)?";
    private static final int LONGEST_INSIDE = 200;
    private static final int LONGEST_NAMES = 90;
    /** What stands between the brackets of a citation: names with a year or a page, or pages alone. */
    private static final Pattern INSIDE = Pattern.compile(".{0,60}?(?:" + SURNAME
            + ".{0,80}?,? (?:\\d{4}[a-z]?|n\\.d\\.)|" + SURNAMES + ",? \\d{1,4}).{0,80}|\\d{1,4}(?:[–-]\\d{1,4})?");

    private static final Pattern YEAR_FIRST = Pattern.compile("\\d{4}[a-z]?.{0,40}");
    private static final Pattern NAMES_LAST = Pattern.compile(SURNAMES + " $");
    private static final Pattern MENTION = Pattern.compile(
            "\\b(?:Tables?|Figures?|Figs?\\.|Appendix|Appendices)\\s(?:[A-Z]?\\d{1,3}|[A-Z]\\b|[IVX]{1,5}\\b)");

    /** What stands between brackets and only sends the reader on. */
    private static final Pattern NAMED = Pattern.compile(
            "(?i)(?:see(?: also)? |cf\\. |e\\.g\\.,? )?(?:tables?|figures?|figs?\\.|appendix|equations?|chapters?|sections?|steps?|items?|panels?)\\s\\S");

    /** How the words for what can be mentioned begin. */
    private static final List<String> MENTIONED = List.of("Tab", "Fig", "Append");

    private Spans() {}

    static List<Part> of(int index, Line line, PartKind kind) {
        Paragraph paragraph = line.paragraph();
        if (!READ.contains(kind) || paragraph.range().to() > LONGEST) {
            return List.of();
        }
        List<Part> out = new ArrayList<>();
        if (line.glance().mayHold('(')) {
            findCitations(index, VisibleText.of(paragraph), out);
        }
        if (mayMention(line.text())) {
            find(MENTION, PartKind.MENTION, index, VisibleText.of(paragraph), out);
        }
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.NoteSign sign && !sign.inNote()) {
                out.add(part(PartKind.NOTE_MARK, index, new TextRange(paragraph.address(), at, at + 1)));
            }
            at += inline.length();
        }
        out.sort(Comparator.comparingInt(Spans::start));
        return out;
    }

    /** A letter is found several times as fast as a word. */
    private static boolean mayMention(String text) {
        for (String start : MENTIONED) {
            char first = start.charAt(0);
            for (int at = text.indexOf(first); at >= 0; at = text.indexOf(first, at + 1)) {
                if (text.startsWith(start, at)) {
                    return true;
                }
            }
        }
        return false;
    }

    private static void findCitations(int index, VisibleText visible, List<Part> out) {
        String text = visible.text();
        int open = text.indexOf('(');
        while (open >= 0) {
            int next = text.indexOf('(', open + 1);
            int close = text.indexOf(')', open);
            if (close < 0) {
                return;
            }
            int from = citation(text, open, close, next >= 0 && next < close);
            if (from >= 0) {
                out.add(part(PartKind.CITATION, index, visible.range(from, close + 1)));
            }
            open = next;
        }
    }

    /**
     * Where a citation starts that ends with a bracket: at the one that opens, or at the names before it where the year
     * alone stands inside; -1 where it is none.
     *
     * @param nested whether another bracket opens inside
     */
    private static int citation(String text, int open, int close, boolean nested) {
        if (close - open > LONGEST_INSIDE
                || nested && !isDigit(text.charAt(open + 1))
                || !mayCite(text, open + 1, close)) {
            return -1;
        }
        String inside = text.substring(open + 1, close);
        if (NAMED.matcher(inside).lookingAt()) {
            return -1;
        }
        int reach = Math.max(0, open - LONGEST_NAMES);
        Matcher names = NAMES_LAST.matcher(text.substring(reach, open));
        if (YEAR_FIRST.matcher(inside).matches() && names.find()) {
            return reach + names.start();
        }
        return !nested && INSIDE.matcher(inside).matches() ? open : -1;
    }

    /** Whether a year or a page may stand between brackets: in most no digit does. */
    private static boolean mayCite(String text, int from, int to) {
        for (int i = from; i < to; i++) {
            char c = text.charAt(i);
            if (isDigit(c) || c == 'n' && text.startsWith("n.d.", i)) {
                return true;
            }
        }
        return false;
    }

    private static boolean isDigit(char c) {
        return c >= '0' && c <= '9';
    }

    private static int start(Part span) {
        TextRange range = span.range();
        return range == null ? 0 : range.from();
    }

    private static void find(Pattern pattern, PartKind kind, int index, VisibleText visible, List<Part> out) {
        Matcher matcher = pattern.matcher(visible.text());
        while (matcher.find()) {
            out.add(part(kind, index, visible.range(matcher.start(), matcher.end())));
        }
    }

    private static Part part(PartKind kind, int index, TextRange range) {
        return new Part(kind, 0, index, index, range, List.of());
    }
}
