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

    private static final List<String> MENTIONED = List.of("Tab", "Fig", "Append");

    private Spans() {}

    static List<Part> of(int index, Paragraph paragraph, PartKind kind) {
        if (!READ.contains(kind) || paragraph.range().to() > LONGEST) {
            return List.of();
        }
        List<Part> out = new ArrayList<>();
        VisibleText visible = VisibleText.of(paragraph);
        findCitations(index, visible, out);
        if (MENTIONED.stream().anyMatch(visible.text()::contains)) {
            find(MENTION, PartKind.MENTION, index, visible, out);
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

    /** Citations stand in brackets, the names before them where the year alone does. */
    private static void findCitations(int index, VisibleText visible, List<Part> out) {
        String text = visible.text();
        for (int open = text.indexOf('('); open >= 0; open = text.indexOf('(', open + 1)) {
            int close = text.indexOf(')', open);
            if (close < 0) {
                return;
            }
            if (close - open > LONGEST_INSIDE) {
                continue;
            }
            String inside = text.substring(open + 1, close);
            if (!mayCite(inside) || NAMED.matcher(inside).lookingAt()) {
                continue;
            }
            Matcher names = NAMES_LAST.matcher(text.substring(Math.max(0, open - LONGEST_NAMES), open));
            if (YEAR_FIRST.matcher(inside).matches() && names.find()) {
                int from = Math.max(0, open - LONGEST_NAMES) + names.start();
                out.add(part(PartKind.CITATION, index, visible.range(from, close + 1)));
            } else if (inside.indexOf('(') < 0 && INSIDE.matcher(inside).matches()) {
                out.add(part(PartKind.CITATION, index, visible.range(open, close + 1)));
            }
        }
    }

    /** Whether a year or a page may stand between brackets: in most no digit does. */
    private static boolean mayCite(String inside) {
        for (int i = 0; i < inside.length(); i++) {
            if (inside.charAt(i) >= '0' && inside.charAt(i) <= '9') {
                return true;
            }
        }
        return inside.contains("n.d.");
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
