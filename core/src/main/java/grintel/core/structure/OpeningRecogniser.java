package grintel.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Recognises what stands before the text: a title page or heading lines, an abstract, the title over the text. */
final class OpeningRecogniser {
    private static final int LONGEST_OPENING = 40;
    private static final int FEWEST_TITLE_LINES = 3;
    private static final int LARGE_GAP = 4;
    private static final Pattern DATE =
            Pattern.compile("(?i).*\\b(january|february|march|april|may|june|july|august|september|"
                    + "october|november|december|\\d{1,2}[./-]\\d{1,2}[./-]\\d{2,4})\\b.*");

    private final List<Look> looks;
    private final Role[] roles;

    OpeningRecogniser(List<Look> looks, Role[] roles) {
        this.looks = looks;
        this.roles = roles;
    }

    /** Gives roles to the opening and returns the index of the first paragraph after it. */
    int recognise() {
        int end = front(0);
        List<Integer> lines = filled(0, end);
        if (lines.isEmpty()) {
            return takeAbstract(0, "");
        }
        int firstPage = looks.get(lines.get(0)).page();
        List<Integer> onTitlePage = new ArrayList<>();
        for (int line : lines) {
            if (looks.get(line).page() == firstPage
                    && !Labels.isAbstract(looks.get(line).text())) {
                onTitlePage.add(line);
            }
        }
        int gap = largeGap(lines, end);
        if (gap > 0) {
            List<Integer> before = lines.subList(0, gap);
            before.forEach(line -> roles[line] = Role.TITLE_PAGE);
            return takeAbstract(
                    before.get(gap - 1) + 1, looks.get(before.get(0)).text());
        }
        boolean pageEnds = end < looks.size() && looks.get(end).page() > firstPage || onTitlePage.size() < lines.size();
        boolean titlePage = pageEnds && onTitlePage.size() >= 2 && textLeavesFirstPage(end, firstPage);
        if (titlePage) {
            onTitlePage.forEach(line -> roles[line] = Role.TITLE_PAGE);
            int after = onTitlePage.get(onTitlePage.size() - 1) + 1;
            return takeAbstract(after, looks.get(onTitlePage.get(0)).text());
        }
        return takeHeadingBlock(lines, end);
    }

    /**
     * How many centred lines stand before so large a gap that a page of their own must be meant, even where the gap is
     * too small to make one; 0 for none.
     */
    private int largeGap(List<Integer> lines, int end) {
        for (int i = FEWEST_TITLE_LINES - 1; i < lines.size(); i++) {
            int next = i + 1 < lines.size() ? lines.get(i + 1) : end;
            boolean centred = lines.subList(0, i + 1).stream()
                    .allMatch(line -> looks.get(line).centred());
            if (centred && next - lines.get(i) > LARGE_GAP) {
                return i + 1;
            }
        }
        return 0;
    }

    /** Whether nothing of the text proper stands on the first page. */
    private boolean textLeavesFirstPage(int end, int firstPage) {
        return end >= looks.size() || looks.get(end).page() > firstPage;
    }

    /** Index of the first paragraph from here on that is prose, a table, a list or a label of the back matter. */
    private int front(int from) {
        int seen = 0;
        for (int i = from; i < looks.size() && seen < LONGEST_OPENING; i++) {
            Look look = looks.get(i);
            if (roles[i] == Role.BLANK) {
                continue;
            }
            if (roles[i] == Role.TABLE_CELL
                    || look.isProse()
                    || look.paragraph().label() != null
                    || Labels.isSources(look.text())) {
                return i;
            }
            seen++;
        }
        return looks.size();
    }

    private List<Integer> filled(int from, int to) {
        List<Integer> out = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (roles[i] == Role.TEXT) {
                out.add(i);
            }
        }
        return out;
    }

    /** An abstract, if there is one, then the title over the text. */
    private int takeAbstract(int from, String title) {
        int end = front(from);
        int at = from;
        for (int line : filled(from, end)) {
            if (Labels.isAbstract(looks.get(line).text())) {
                roles[line] = Role.ABSTRACT_LABEL;
                at = line + 1;
                int page = looks.get(line).page();
                while (at < looks.size()
                        && (roles[at] == Role.BLANK || looks.get(at).page() == page)) {
                    Look look = looks.get(at);
                    if (roles[at] == Role.TEXT) {
                        if (!look.isProse() && !Labels.isKeywords(look.text()) && sameWords(look.text(), title)) {
                            break;
                        }
                        roles[at] = Labels.isKeywords(look.text()) ? Role.KEYWORDS : Role.ABSTRACT;
                    }
                    at++;
                }
                end = front(at);
                break;
            }
        }
        return takeTitle(filled(at, end), at, title);
    }

    private int takeTitle(List<Integer> lines, int from, String title) {
        if (lines.isEmpty()) {
            return from;
        }
        int first = lines.get(0);
        Look look = looks.get(first);
        boolean known = !title.isEmpty() && sameWords(look.text(), title);
        if (known || look.centred() && title.isEmpty() || look.centred() && !isSectionWord(look.text())) {
            roles[first] = Role.TITLE;
            return first + 1;
        }
        return from;
    }

    private static boolean isSectionWord(String text) {
        String lower = text.toLowerCase(Locale.ROOT);
        return lower.equals("introduction") || lower.equals("method") || lower.equals("background");
    }

    /** Heading lines at the margin, then the title; what follows the title before the text is a heading. */
    private int takeHeadingBlock(List<Integer> lines, int end) {
        int title = -1;
        for (int i = 0; i < lines.size(); i++) {
            Look look = looks.get(lines.get(i));
            boolean name = i == 0 && lines.size() > 2 && !look.isBold();
            if (!name && look.centred() && !DATE.matcher(look.text()).matches()) {
                title = i;
                break;
            }
        }
        if (title < 0) {
            title = titleAfterDate(lines);
        }
        if (title < 0) {
            return lines.get(0);
        }
        for (int i = 0; i < title; i++) {
            roles[lines.get(i)] = Role.HEADING_BLOCK;
        }
        int last = title;
        while (last + 1 < lines.size()
                && looks.get(lines.get(last)).text().endsWith(":")
                && looks.get(lines.get(last + 1)).centred()) {
            last++;
        }
        for (int i = title; i <= last; i++) {
            roles[lines.get(i)] = Role.TITLE;
        }
        return Math.min(end, lines.get(last) + 1);
    }

    /** Without a centred line, the line after the date is the title; else the last line before the text is. */
    private int titleAfterDate(List<Integer> lines) {
        for (int i = 0; i < lines.size(); i++) {
            if (DATE.matcher(looks.get(lines.get(i)).text()).matches()) {
                return i + 1 < lines.size() ? i + 1 : -1;
            }
        }
        Look last = looks.get(lines.get(lines.size() - 1));
        boolean stands = lines.size() == 1 || last.isBold() || lines.size() >= 4;
        return stands && !last.endsLikeSentence() ? lines.size() - 1 : -1;
    }

    private static boolean sameWords(String one, String other) {
        return letters(one).equals(letters(other));
    }

    private static String letters(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }
}
