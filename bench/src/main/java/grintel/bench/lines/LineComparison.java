package grintel.bench.lines;

import com.microsoft.playwright.Browser;
import java.util.ArrayList;
import java.util.List;
import java.util.NavigableSet;
import java.util.TreeSet;

/**
 * How far two engines agree about where lines end. Only lines that both start at the same place are compared, so that a
 * difference is counted once, not again in every line that follows from it.
 *
 * @param lines lines compared
 * @param differing lines that end elsewhere than in Chromium
 * @param readDifferently lines that end elsewhere because of a sign that the two are known to read otherwise, not among
 *     {@code differing}: a slash between letters, and a hyphen before a digit or at the head of a word (UAX #14, SY and HY)
 */
public record LineComparison(int samples, int lines, List<Difference> differing, List<Difference> readDifferently) {
    /** Lines on a page of 9 in, single-spaced in type of 12 pt. */
    private static final int LINES_PER_PAGE = 46;

    private static final String KNOWN = "-/";

    /** Sets samples in both engines. */
    public static LineComparison of(List<Sample> samples, Browser browser) {
        List<List<Integer>> own = OwnLines.starts(samples);
        List<List<Integer>> theirs = BrowserLines.starts(samples, browser);
        int lines = 0;
        List<Difference> differing = new ArrayList<>();
        List<Difference> known = new ArrayList<>();
        for (int i = 0; i < samples.size(); i++) {
            Sample sample = samples.get(i);
            String text = sample.text();
            NavigableSet<Integer> ours = new TreeSet<>(own.get(i));
            NavigableSet<Integer> chromiums = new TreeSet<>(theirs.get(i));
            List<Integer> common = new ArrayList<>(List.of(0));
            common.addAll(own.get(i).stream().filter(chromiums::contains).toList());
            for (int start : common) {
                lines++;
                int our = end(ours, start, text);
                int their = end(chromiums, start, text);
                if (our != their) {
                    Difference difference = new Difference(sample, around(text, our), around(text, their));
                    (isKnown(text, our) || isKnown(text, their) ? known : differing).add(difference);
                }
            }
        }
        return new LineComparison(samples.size(), lines, List.copyOf(differing), List.copyOf(known));
    }

    private static int end(NavigableSet<Integer> starts, int start, String text) {
        Integer next = starts.higher(start);
        return next == null ? text.length() : next;
    }

    /** Pages the samples would fill, single-spaced. */
    public int pages() {
        return lines / LINES_PER_PAGE;
    }

    /** Part of the lines that end where Chromium ends them, those read differently left out. */
    public double agreement() {
        return 1 - differing.size() / (double) Math.max(1, lines - readDifferently.size());
    }

    private static boolean isKnown(String text, int at) {
        int before = at - 1;
        return before >= 0 && KNOWN.indexOf(text.charAt(before)) >= 0
                || at < text.length() && KNOWN.indexOf(text.charAt(at)) >= 0;
    }

    private static String around(String text, int at) {
        return text.substring(Math.max(0, at - 25), at) + "|" + text.substring(at, Math.min(text.length(), at + 25));
    }

    /** A line that ends elsewhere: our place and Chromium's, marked by a bar in the text around them. */
    public record Difference(Sample sample, String ours, String theirs) {}
}
