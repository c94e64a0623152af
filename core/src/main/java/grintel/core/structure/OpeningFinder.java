package grintel.core.structure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Finds what stands before the text: a title page or heading lines, an abstract, the title over the text. */
final class OpeningFinder {
    private static final int LONGEST_OPENING = 40;
    private static final int FEWEST_TITLE_LINES = 3;
    private static final int LARGE_GAP = 4;
    private static final int LONGEST_TITLE_LINE = 25;
    /** What a line under a title says that tells what kind of work it is. */
    private static final Pattern SUBTITLE =
            Pattern.compile("(?:An?|The|Towards?|Notes|Essays?) .*\\b(?:of|on|in|for|from|about|between|at)\\b.*");

    private final Manuscript manuscript;
    private final Claims claims;
    private final OpeningLines lines;
    private int titlePageEnd;

    OpeningFinder(Manuscript manuscript, Claims claims) {
        this.manuscript = manuscript;
        this.claims = claims;
        this.lines = new OpeningLines(manuscript, claims);
    }

    /** Index after the last paragraph of the title page, 0 where there is none. */
    int titlePageEnd() {
        return titlePageEnd;
    }

    /** Claims the parts of the opening and gives the index of the first paragraph after it. */
    int find() {
        int end = front(0);
        List<Integer> filled = filled(0, end);
        if (filled.isEmpty()) {
            return takeAbstract(0, null);
        }
        List<Integer> titlePage = titlePage(filled, end);
        if (!titlePage.isEmpty()) {
            return takeTitlePage(titlePage);
        }
        return takeAbstractUnderTitle(takeHeadingLines(filled, end));
    }

    // ---- how far the opening reaches

    /** Index of the first paragraph from here on that is prose, a table, a list or a label of the back matter. */
    private int front(int from) {
        int seen = 0;
        boolean note = false;
        int notePage = 0;
        for (int i = from; i < manuscript.size() && seen < LONGEST_OPENING; i++) {
            Line line = manuscript.get(i);
            if (!manuscript.isInGrid(i) && line.isBlank()) {
                continue;
            }
            if (Labels.isAuthorNote(line.text())) {
                note = true;
                notePage = line.page();
            }
            boolean noteText = note && line.page() == notePage;
            boolean text = manuscript.isInGrid(i)
                    || line.isProse()
                    || Placeholders.isText(line.text())
                    || line.paragraph().label() != null
                    || Labels.isSources(line.text());
            if (text && !noteText) {
                return i;
            }
            seen++;
        }
        return manuscript.size();
    }

    private List<Integer> filled(int from, int to) {
        List<Integer> out = new ArrayList<>();
        for (int i = from; i < to; i++) {
            if (!manuscript.get(i).text().isEmpty() && !manuscript.isInGrid(i)) {
                out.add(i);
            }
        }
        return out;
    }

    // ---- title page

    /** The lines of a title page; none where the paper has no such page. */
    private List<Integer> titlePage(List<Integer> filled, int end) {
        int gap = largeGap(filled, end);
        if (gap > 0) {
            return filled.subList(0, gap);
        }
        int page = manuscript.get(filled.get(0)).page();
        List<Integer> onPage = filled.stream()
                .filter(line -> manuscript.get(line).page() == page
                        && !Labels.isAbstract(manuscript.get(line).text()))
                .toList();
        boolean textElsewhere = end >= manuscript.size() || manuscript.get(end).page() > page;
        boolean ends = end < manuscript.size() && textElsewhere || onPage.size() < filled.size();
        return ends && textElsewhere && onPage.size() >= 2 ? onPage : List.of();
    }

    /**
     * How many centred lines stand before so large a gap that a page of their own must be meant, even where the gap is
     * too small to make one; 0 for none.
     */
    private int largeGap(List<Integer> filled, int end) {
        for (int i = 0; i < filled.size() && manuscript.get(filled.get(i)).centred(); i++) {
            int next = i + 1 < filled.size() ? filled.get(i + 1) : end;
            if (i + 1 >= FEWEST_TITLE_LINES && next - filled.get(i) > LARGE_GAP) {
                return i + 1;
            }
        }
        return 0;
    }

    private int takeTitlePage(List<Integer> all) {
        List<Integer> page = takeAuthorNote(all);
        lines.claimByWords(page);
        Integer title = titleOf(page);
        if (title != null) {
            claims.add(title, PartKind.TITLE, 0.85, "it is the line of a title page that names nothing else");
            takeSecondLine(page, page.indexOf(title));
        }
        lines.claimNames(page, true);
        titlePageEnd = all.get(all.size() - 1) + 1;
        return takeAbstract(
                titlePageEnd, title == null ? null : manuscript.get(title).text());
    }

    /** Takes the author note at the foot of the page, and gives the lines without it. */
    private List<Integer> takeAuthorNote(List<Integer> all) {
        for (int i = 0; i < all.size(); i++) {
            if (Labels.isAuthorNote(manuscript.get(all.get(i)).text())) {
                claims.add(all.get(i), PartKind.AUTHOR_NOTE_LABEL, 0.95, "it says so");
                for (int line : all.subList(i + 1, all.size())) {
                    claims.add(line, PartKind.AUTHOR_NOTE_TEXT, 0.9, "it stands under the label of an author note");
                }
                return all.subList(0, i);
            }
        }
        return all;
    }

    /** The line most like a title: what other lines say by themselves it does not, and it is set to be seen. */
    private @Nullable Integer titleOf(List<Integer> page) {
        Integer best = null;
        double most = 0;
        int largest = page.stream()
                .mapToInt(line -> manuscript.get(line).size())
                .max()
                .orElse(0);
        boolean allAlike = page.stream().allMatch(line -> manuscript.get(line).size() == largest);
        for (int line : page) {
            Line at = manuscript.get(line);
            if (lines.isNoTitle(line) || at.words() > LONGEST_TITLE_LINE && !at.isTitleByStyle()) {
                continue;
            }
            double likely = 1;
            likely += at.isTitleByStyle() ? 3 : 0;
            likely += at.isBold() ? 1 : 0;
            likely += !allAlike && at.size() == largest ? 1 : 0;
            likely += isRepeated(line) ? 2 : 0;
            likely -= Names.isName(at.text()) ? 1 : 0;
            likely -= claims.is(line, PartKind.COURSE) || claims.is(line, PartKind.ASSIGNMENT) ? 0.6 : 0;
            if (likely > most) {
                most = likely;
                best = line;
            }
        }
        return best;
    }

    /** Whether the same words stand again over the text. */
    private boolean isRepeated(int line) {
        int page = manuscript.get(line).page();
        for (int i = line + 1; i < Math.min(manuscript.size(), line + LONGEST_OPENING * 3); i++) {
            Line at = manuscript.get(i);
            if (at.page() > page && sameWords(at.text(), manuscript.get(line).text())) {
                return true;
            }
        }
        return false;
    }

    /** A title may take a second line; what follows a colon, or looks as the title does, belongs to it. */
    private void takeSecondLine(List<Integer> page, int at) {
        if (at + 1 >= page.size() || page.get(at + 1) != page.get(at) + 1) {
            return;
        }
        int next = page.get(at + 1);
        Line title = manuscript.get(page.get(at));
        Line line = manuscript.get(next);
        boolean open = !lines.isNoTitle(next) && !Names.isName(line.text());
        boolean alike = title.isBold() && line.isBold();
        boolean told = line.isSubtitleByStyle() || SUBTITLE.matcher(line.text()).matches();
        if (open && (title.text().endsWith(":") || alike || told)) {
            claims.add(next, PartKind.SUBTITLE, 0.8, "it goes on after the title");
        }
    }

    // ---- abstract and title over the text

    private int takeAbstract(int from, @Nullable String title) {
        for (int line : filled(from, front(from))) {
            if (Labels.isAbstract(manuscript.get(line).text())) {
                claims.add(line, PartKind.ABSTRACT_LABEL, 0.95, "it says so");
                return takeTitle(endOfAbstract(line, title), title);
            }
        }
        return takeTitle(title == null ? from : endOfUnlabelledAbstract(from, title), title);
    }

    /**
     * Claims the text of an abstract that no label stands over: prose on a page of its own after the title page, with
     * keywords under it or the title over the text on the page after it.
     *
     * @return index after it, or where it would begin if there is none
     */
    private int endOfUnlabelledAbstract(int from, String title) {
        int first = manuscript.next(from - 1);
        if (first >= manuscript.size() || !manuscript.startsPage(first)) {
            return from;
        }
        int page = manuscript.get(first).page();
        int at = first;
        while (at < manuscript.size()
                && manuscript.get(at).page() == page
                && manuscript.get(at).isProse()) {
            at = manuscript.next(at);
        }
        boolean prose = at > first && at < manuscript.size();
        boolean keywords = prose && Labels.isKeywords(manuscript.get(at).text());
        int after = keywords ? manuscript.next(at) : at;
        boolean titled = prose
                && after < manuscript.size()
                && manuscript.get(after).page() > page
                && startsAlike(manuscript.get(after).text(), title);
        if (!keywords && !titled) {
            return from;
        }
        for (int i = first; i < at; i++) {
            if (!manuscript.get(i).isBlank()) {
                claims.add(i, PartKind.ABSTRACT_TEXT, 0.9, "it stands alone between title page and text");
            }
        }
        if (keywords) {
            claims.add(at, PartKind.KEYWORDS, 0.95, "it says so");
        }
        return after;
    }

    /** Claims the text of an abstract, which ends with its page, its keywords, a heading or the title over the text. */
    private int endOfAbstract(int label, @Nullable String title) {
        int page = manuscript.get(label).page();
        int at = label + 1;
        for (; at < manuscript.size(); at++) {
            Line line = manuscript.get(at);
            if (line.isBlank() || manuscript.isInGrid(at)) {
                continue;
            }
            if (line.page() != page) {
                break;
            }
            if (Labels.isKeywords(line.text())) {
                claims.add(at, PartKind.KEYWORDS, 0.95, "it says so");
                return at + 1;
            }
            boolean isTitle = title != null && sameWords(line.text(), title);
            boolean heading = !line.isProse() && (line.centred() || line.isBold()) && !line.endsLikeSentence();
            if (isTitle || line.styleLevel() > 0 || heading) {
                break;
            }
            claims.add(at, PartKind.ABSTRACT_TEXT, 0.9, "it stands under the label of an abstract");
        }
        return at;
    }

    /** Claims an abstract between the title and a text that begins on the same page: its label, a paragraph, keywords. */
    private int takeAbstractUnderTitle(int from) {
        int label = manuscript.next(from - 1);
        if (label >= manuscript.size()
                || !Labels.isAbstract(manuscript.get(label).text())) {
            return from;
        }
        claims.add(label, PartKind.ABSTRACT_LABEL, 0.95, "it says so");
        int text = manuscript.next(label);
        if (text >= manuscript.size() || manuscript.isInGrid(text)) {
            return label + 1;
        }
        claims.add(text, PartKind.ABSTRACT_TEXT, 0.9, "it stands under the label of an abstract");
        int keywords = manuscript.next(text);
        if (keywords < manuscript.size()
                && Labels.isKeywords(manuscript.get(keywords).text())) {
            claims.add(keywords, PartKind.KEYWORDS, 0.95, "it says so");
            return keywords + 1;
        }
        return text + 1;
    }

    private int takeTitle(int from, @Nullable String title) {
        List<Integer> filled = filled(from, front(from));
        if (filled.isEmpty()) {
            return from;
        }
        int first = filled.get(0);
        Line line = manuscript.get(first);
        boolean known = title != null && startsAlike(line.text(), title);
        boolean stands = line.centred() && !Labels.isSectionWord(line.text()) && line.words() <= LONGEST_TITLE_LINE;
        if (!known && !stands && !line.isTitleByStyle()) {
            return from;
        }
        claims.add(
                first,
                PartKind.TITLE,
                known ? 0.95 : 0.85,
                known ? "it is the title page's" : "it stands over the text");
        int last = title != null && known ? takeRestOfTitle(filled, title) : 0;
        return takeUnderTitle(filled, last, front(first)) + 1;
    }

    /** Claims the further lines over which the title of the title page goes on; gives the last of them among the filled. */
    private int takeRestOfTitle(List<Integer> filled, String title) {
        int last = 0;
        String words = manuscript.get(filled.get(0)).text();
        while (!sameWords(words, title) && last + 1 < filled.size()) {
            int next = filled.get(last + 1);
            words = words + " " + manuscript.get(next).text();
            if (!startsAlike(words, title)) {
                break;
            }
            claims.add(next, PartKind.TITLE, 0.95, "it goes on with the title page's");
            last++;
        }
        return last;
    }

    // ---- heading lines

    /** Heading lines at the margin, then the title; what follows the title before the text is no title any more. */
    private int takeHeadingLines(List<Integer> filled, int end) {
        lines.claimByWords(filled);
        int title = titleUnderHeadingLines(filled);
        if (title < 0) {
            return takeNameAlone(filled);
        }
        if (manuscript.get(filled.get(title)).isTitleByStyle()) {
            claims.add(filled.get(title), PartKind.TITLE, 0.94, "its style is that of a title");
        }
        claims.add(filled.get(title), PartKind.TITLE, 0.92, "it stands over the text");
        if (title == 0 && filled.size() > 1) {
            return Math.min(end, takeLinesUnderTitle(filled, end) + 1);
        }
        lines.claimNames(filled.subList(0, title), false);
        return Math.min(end, takeUnderTitle(filled, title, end) + 1);
    }

    /**
     * Claims the lines under a title that stands over all of them: a subtitle, and whom and what they name.
     *
     * @return index of the last of them
     */
    private int takeLinesUnderTitle(List<Integer> filled, int end) {
        int last = takeUnderTitle(filled, 0, end);
        List<Integer> under = new ArrayList<>();
        for (int line : filled.subList(1, filled.size())) {
            if (manuscript.get(line).isSubtitleByStyle()) {
                claims.add(line, PartKind.SUBTITLE, 0.94, "its style is that of a subtitle");
            } else if (line > last) {
                under.add(line);
            }
        }
        lines.claimNames(under, true);
        for (int line : filled) {
            last = claims.kind(line) == PartKind.OPENING_LINE ? last : Math.max(last, line);
        }
        return last;
    }

    /** A name alone over the text is its author's. */
    private int takeNameAlone(List<Integer> filled) {
        int first = filled.get(0);
        if (filled.size() > 1 || !Names.isName(manuscript.get(first).text())) {
            return first;
        }
        lines.claimNames(filled, false);
        return first + 1;
    }

    private int titleUnderHeadingLines(List<Integer> filled) {
        for (int i = 0; i < filled.size(); i++) {
            if (manuscript.get(filled.get(i)).isTitleByStyle()) {
                return i;
            }
        }
        for (int i = 0; i < filled.size(); i++) {
            Line line = manuscript.get(filled.get(i));
            boolean name = i == 0 && filled.size() > 2 && !line.isBold() && Names.isName(line.text());
            if (line.centred() && !name && !lines.isNoTitle(filled.get(i)) && line.words() <= LONGEST_TITLE_LINE) {
                return i;
            }
        }
        return titleAtMargin(filled);
    }

    /** Without a centred line, the line after the date is the title; else the last line before the text is. */
    private int titleAtMargin(List<Integer> filled) {
        for (int i = 0; i < filled.size(); i++) {
            if (Elements.isDate(manuscript.get(filled.get(i)).text())) {
                return i + 1 < filled.size() ? i + 1 : -1;
            }
        }
        Line last = manuscript.get(filled.get(filled.size() - 1));
        boolean stands = filled.size() == 1 || last.isBold() || filled.size() >= 4;
        return stands && !last.endsLikeSentence() && !Names.isName(last.text()) ? filled.size() - 1 : -1;
    }

    /**
     * Claims the subtitle, the authors and an epigraph under the title.
     *
     * @return index of the last paragraph that belongs to the title
     */
    private int takeUnderTitle(List<Integer> filled, int title, int end) {
        int last = filled.get(title);
        for (int i = title + 1; i < filled.size() && filled.get(i) < end; i++) {
            int at = filled.get(i);
            Line line = manuscript.get(at);
            boolean afterColon = manuscript.get(last).text().endsWith(":");
            if (!line.centred() && !afterColon || line.styleLevel() > 1) {
                return last;
            }
            PartKind kind = underTitle(manuscript.get(filled.get(title)), line, afterColon);
            if (kind == PartKind.UNKNOWN) {
                return last;
            }
            claims.add(at, kind, 0.85, "it stands under the title");
            last = at;
        }
        return last;
    }

    private static PartKind underTitle(Line title, Line line, boolean afterColon) {
        if (Labels.isAbstract(line.text())) {
            return PartKind.UNKNOWN;
        }
        if (!Names.in(line.text()).isEmpty()) {
            return PartKind.AUTHOR;
        }
        boolean quoted = "“\"‘'—–".indexOf(line.text().charAt(0)) >= 0;
        if (line.isItalic() && !title.isItalic() || quoted) {
            return PartKind.EPIGRAPH;
        }
        // A heading of the text is set off more than what belongs to the title, never less.
        boolean sameLook = (title.isBold() || !line.isBold()) && title.size() >= line.size();
        boolean section = Labels.isSectionWord(line.text()) || line.styleLevel() > 0;
        return afterColon || sameLook && !section && !line.endsLikeSentence() ? PartKind.SUBTITLE : PartKind.UNKNOWN;
    }

    // ---- words

    private static boolean sameWords(String one, String other) {
        return letters(one).equals(letters(other));
    }

    /** Whether a line is a title or the first line of it. */
    private static boolean startsAlike(String line, String title) {
        String letters = letters(line);
        return sameWords(line, title) || letters.length() > 8 && letters(title).startsWith(letters + " ");
    }

    private static String letters(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", " ").strip();
    }
}
