package grintel.core.typeset;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Story;
import grintel.core.paper.TabStops;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Breaks paragraphs into lines, each as full as it can be, and places what stands in them. Spaces at the end of a line
 * hang beyond it. Not for several threads: the arrays it works in are kept from paragraph to paragraph.
 */
final class LineComposer {
    /** A line may be this much too long, in millipoints: less than the error of summing its widths. */
    private static final double SLACK = 0.5;

    private final ContentReader reader;
    private final BreakOpportunities opportunities = new BreakOpportunities();
    private final int defaultTabStop;
    private double[] places = new double[256];

    LineComposer(ContentReader reader, int defaultTabStopTwips) {
        this.reader = reader;
        this.defaultTabStop = Math.max(Millipoints.PER_POINT, Millipoints.ofTwips(defaultTabStopTwips));
    }

    /** Sets a paragraph in a column of this width in millipoints. */
    SetParagraph compose(Paragraph paragraph, int columnWidth, FieldValues fields) {
        Content content = reader.read(paragraph, fields);
        Measure measure = Measure.of(paragraph, columnWidth);
        List<SetLine> lines = new ArrayList<>();
        if (content.length() == 0) {
            lines.add(emptyLine(paragraph, content, measure));
            return new SetParagraph(paragraph, lines, content.floats());
        }
        if (places.length < content.length() + 1) {
            places = new double[Math.max(content.length() + 1, places.length * 2)];
        }
        boolean[] startsAt = opportunities.find(content.text());
        int start = 0;
        boolean first = true;
        while (start < content.length()) {
            int end = breakLine(content, startsAt, start, first, measure, paragraph);
            lines.add(placeLine(content, start, end, first, measure, paragraph));
            start = end;
            first = false;
        }
        // A line break at the very end leaves an empty line; a page break takes the paragraph's end along with it.
        if (content.text()[content.length() - 1] == Content.LINE_BREAK) {
            lines.add(emptyLine(paragraph, content, measure));
        }
        return new SetParagraph(paragraph, List.copyOf(lines), content.floats());
    }

    /** Chooses where the line from {@code start} ends, and notes each character's place on the way. */
    private int breakLine(
            Content content, boolean[] startsAt, int start, boolean first, Measure measure, Paragraph paragraph) {
        char[] text = content.text();
        double[] widths = content.widths();
        double x = measure.start(first);
        double right = measure.right;
        int lastStart = -1;
        boolean visible = false;
        for (int i = start; i < text.length; i++) {
            char c = text[i];
            if (i > start && startsAt[i] && endsWithinMeasure(content, i, x, right)) {
                lastStart = i;
            }
            places[i] = x;
            if (Content.isForcedBreak(c)) {
                places[i + 1] = x;
                return i + 1;
            }
            if (c == ' ') {
                x += widths[i];
                places[i + 1] = x;
                continue;
            }
            if (c == '\t') {
                Stop stop = nextStop(x, first, measure, paragraph);
                double to = placeAtStop(content, i + 1, x, stop);
                if (to > right + SLACK && !stop.custom && visible) {
                    return i;
                }
                right = Math.max(right, stop.custom ? Math.min(stop.position, measure.width) : right);
                x = to;
                places[i + 1] = x;
                visible = true;
                continue;
            }
            double next = x + widths[i];
            if (next > right + SLACK && visible && widths[i] > 0) {
                return lastStart > start ? lastStart : i;
            }
            x = next;
            places[i + 1] = x;
            visible = true;
        }
        return text.length;
    }

    /** A break at a soft hyphen needs room for the hyphen that then shows. */
    private static boolean endsWithinMeasure(Content content, int at, double x, double right) {
        return content.text()[at - 1] != Content.SOFT_HYPHEN
                || x + content.types()[at - 1].advance('-') <= right + SLACK;
    }

    /** The next tab stop right of x: one the paragraph sets, the hanging indent, or a default one. */
    private Stop nextStop(double x, boolean first, Measure measure, Paragraph paragraph) {
        for (TabStops.Stop stop :
                paragraph.format().get(ParagraphProperties.TAB_STOPS).stops()) {
            int position = Millipoints.ofTwips(stop.position());
            if (stop.kind() != TabStops.Kind.BAR && position > x + SLACK) {
                if (first && measure.left > x + SLACK && measure.left < position) {
                    break;
                }
                return new Stop(position, stop.kind(), true);
            }
        }
        if (first && measure.left > x + SLACK) {
            return new Stop(measure.left, TabStops.Kind.LEFT, true);
        }
        long steps = (long) Math.floor((x + SLACK) / defaultTabStop) + 1;
        return new Stop(steps * (double) defaultTabStop, TabStops.Kind.LEFT, false);
    }

    /** Where the text after a tab starts, so that it stands at the stop as the stop asks. */
    private static double placeAtStop(Content content, int from, double x, Stop stop) {
        if (stop.kind == TabStops.Kind.LEFT || stop.kind == TabStops.Kind.BAR) {
            return stop.position;
        }
        double room = stop.position - x;
        double width = 0;
        double pending = 0;
        for (int i = from; i < content.length() && width < 2 * room; i++) {
            char c = content.text()[i];
            if (c == '\t' || Content.isForcedBreak(c)) {
                break;
            }
            if (stop.kind == TabStops.Kind.DECIMAL && (c == '.' || c == ',')) {
                break;
            }
            // Spaces count only when something visible follows them.
            if (c == ' ') {
                pending += content.widths()[i];
            } else {
                width += pending + content.widths()[i];
                pending = 0;
            }
        }
        double back = stop.kind == TabStops.Kind.CENTRE ? width / 2 : width;
        return Math.max(x, stop.position - back);
    }

    private SetLine placeLine(
            Content content, int start, int end, boolean first, Measure measure, Paragraph paragraph) {
        char[] text = content.text();
        char last = text[end - 1];
        boolean forced = Content.isForcedBreak(last);
        int textEnd = forced ? end - 1 : end;
        int visibleEnd = textEnd;
        while (visibleEnd > start && text[visibleEnd - 1] == ' ') {
            visibleEnd--;
        }
        boolean hyphen = visibleEnd > start && visibleEnd < text.length && text[visibleEnd - 1] == Content.SOFT_HYPHEN;
        double hyphenWidth = hyphen ? content.types()[visibleEnd - 1].advance('-') : 0;
        double lineStart = measure.start(first);
        double lineEnd = visibleEnd > start ? places[visibleEnd] + hyphenWidth : lineStart;
        boolean paragraphEnds = end == text.length;

        double shift = 0;
        double stretch = 0;
        int stretchFrom = visibleEnd;
        switch (paragraph.format().get(ParagraphProperties.ALIGNMENT)) {
            case CENTRE -> shift = (measure.right - lineStart - (lineEnd - lineStart)) / 2;
            case RIGHT -> shift = measure.right - lineEnd;
            case JUSTIFIED -> {
                if (!forced && !paragraphEnds) {
                    stretchFrom = afterLastTab(text, start, visibleEnd);
                    int gaps = gaps(text, stretchFrom, visibleEnd);
                    stretch = gaps > 0 ? Math.max(0, measure.right - lineEnd) / gaps : 0;
                }
            }
            case LEFT -> {}
        }
        RunGatherer runs = new RunGatherer(content, shift, stretch, stretchFrom);
        runs.gather(start, visibleEnd, hyphen);

        int firstVisible = start;
        while (firstVisible < visibleEnd && (text[firstVisible] == ' ' || text[firstVisible] == '\t')) {
            firstVisible++;
        }
        double from = firstVisible < visibleEnd ? places[firstVisible] : lineStart;
        double width = firstVisible < visibleEnd ? lineEnd + runs.stretched() - from : 0;
        Heights heights = heights(content, start, textEnd, paragraph);
        List<PlacedPicture> pictures = new ArrayList<>();
        List<Story> calls = new ArrayList<>();
        if (!content.boxes().isEmpty() || !content.calls().isEmpty()) {
            gatherObjects(content, start, end, shift, heights, pictures, calls);
        }
        return new SetLine(
                round(from + shift),
                round(width),
                heights.baseline,
                heights.height,
                readable(text, start, visibleEnd),
                runs.runs(),
                pictures,
                calls,
                after(last, paragraphEnds));
    }

    private void gatherObjects(
            Content content,
            int start,
            int end,
            double shift,
            Heights heights,
            List<PlacedPicture> pictures,
            List<Story> calls) {
        for (Map.Entry<Integer, Content.Box> entry : content.boxes().entrySet()) {
            int at = entry.getKey();
            if (at >= start && at < end) {
                Content.Box box = entry.getValue();
                pictures.add(new PlacedPicture(
                        round(places[at] + shift),
                        heights.baseline - box.height(),
                        box.width(),
                        box.height(),
                        box.target(),
                        box.alternative()));
            }
        }
        content.calls().entrySet().stream()
                .filter(entry -> entry.getKey() >= start && entry.getKey() < end)
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> calls.add(entry.getValue()));
    }

    private static SetLine.After after(char last, boolean paragraphEnds) {
        if (last == Content.PAGE_BREAK) {
            return SetLine.After.PAGE_BREAK;
        }
        if (last == Content.COLUMN_BREAK) {
            return SetLine.After.COLUMN_BREAK;
        }
        return paragraphEnds ? SetLine.After.PARAGRAPH_END : SetLine.After.GO_ON;
    }

    private static int afterLastTab(char[] text, int start, int end) {
        for (int i = end - 1; i >= start; i--) {
            if (text[i] == '\t') {
                return i + 1;
            }
        }
        return start;
    }

    private static int gaps(char[] text, int from, int to) {
        int gaps = 0;
        for (int i = from; i < to; i++) {
            if (text[i] == ' ') {
                gaps++;
            }
        }
        return gaps;
    }

    /** Soft hyphens are left out but for one that ends the line. */
    private static String readable(char[] text, int start, int end) {
        StringBuilder out = new StringBuilder(end - start);
        for (int i = start; i < end; i++) {
            if (text[i] != Content.SOFT_HYPHEN || i == end - 1) {
                out.append(text[i]);
            }
        }
        return out.toString();
    }

    private SetLine emptyLine(Paragraph paragraph, Content content, Measure measure) {
        Heights heights = spaced(content.empty().ascent(), content.empty().depth(), 0, paragraph);
        double x = measure.start(true);
        x = switch (paragraph.format().get(ParagraphProperties.ALIGNMENT)) {
            case CENTRE -> (x + measure.right) / 2;
            case RIGHT -> measure.right;
            case LEFT, JUSTIFIED -> x;
        };
        return new SetLine(
                round(x),
                0,
                heights.baseline,
                heights.height,
                "",
                List.of(),
                List.of(),
                List.of(),
                SetLine.After.PARAGRAPH_END);
    }

    /** The highest ascent and the deepest depth of what stands in the line, then the paragraph's line spacing. */
    private static Heights heights(Content content, int start, int end, Paragraph paragraph) {
        double ascent = 0;
        double depth = 0;
        int pictures = 0;
        Type last = null;
        for (int i = start; i < end; i++) {
            if (content.text()[i] == Paragraph.OBJECT) {
                Content.Box box = content.boxes().get(i);
                if (box != null) {
                    pictures = Math.max(pictures, box.height());
                }
            }
            Type type = content.types()[i];
            if (!sameType(type, last)) {
                ascent = Math.max(ascent, type.ascent());
                depth = Math.max(depth, type.depth());
                last = type;
            }
        }
        if (last == null) {
            ascent = content.empty().ascent();
            depth = content.empty().depth();
        }
        return spaced(ascent, depth, pictures, paragraph);
    }

    /**
     * Line spacing (ISO 29500-1 §17.3.1.33): what a multiple adds stands below the line, what "exactly" and "at least"
     * add stands above it. A picture makes its line higher but is not multiplied.
     */
    private static Heights spaced(double ascent, double depth, int pictures, Paragraph paragraph) {
        LineSpacing spacing = paragraph.format().get(ParagraphProperties.LINE_SPACING);
        double natural = ascent + depth;
        double withPicture = Math.max(ascent, pictures) + depth;
        int value = Math.max(1, spacing.value());
        return switch (spacing.rule()) {
            case MULTIPLE -> {
                double extra = natural * (value / 240.0 - 1);
                double above = Math.max(ascent, pictures) + Math.min(0, extra);
                yield new Heights(round(above), Math.max(1, round(withPicture + extra)));
            }
            case EXACTLY -> {
                int height = Millipoints.ofTwips(value);
                yield new Heights(round(height - depth), Math.max(1, height));
            }
            case AT_LEAST -> {
                int height = Math.max(Millipoints.ofTwips(value), round(withPicture));
                yield new Heights(round(height - depth), Math.max(1, height));
            }
        };
    }

    /** The reader makes each type once, so that types can be told apart without comparing them part by part. */
    @SuppressWarnings("ReferenceEquality")
    private static boolean sameType(Type one, @Nullable Type other) {
        return one == other;
    }

    private static int round(double millipoints) {
        return (int) Math.round(Math.max(-Millipoints.LIMIT, Math.min(Millipoints.LIMIT, millipoints)));
    }

    private record Heights(int baseline, int height) {}

    private record Stop(double position, TabStops.Kind kind, boolean custom) {}

    /** The lines' edges in millipoints from the column's left edge. */
    private record Measure(int left, int firstLine, int right, int width) {
        /** No line is set narrower than this, whatever the indents ask. */
        private static final int NARROWEST = 12 * Millipoints.PER_POINT;

        static Measure of(Paragraph paragraph, int columnWidth) {
            int left = Millipoints.ofTwips(paragraph.leftIndent());
            int right = columnWidth - Millipoints.ofTwips(paragraph.rightIndent());
            int firstLine = left + Millipoints.ofTwips(paragraph.firstLineIndent());
            right = Math.max(right, Math.max(left, firstLine) + NARROWEST);
            return new Measure(left, firstLine, right, columnWidth);
        }

        int start(boolean first) {
            return first ? firstLine : left;
        }
    }

    /** Cuts a line into runs of one type, and at tabs and stretched spaces. */
    private final class RunGatherer {
        private final Content content;
        private final double shift;
        private final double stretch;
        private final int stretchFrom;
        private final List<GlyphRun> runs = new ArrayList<>(2);
        private double stretched;

        RunGatherer(Content content, double shift, double stretch, int stretchFrom) {
            this.content = content;
            this.shift = shift;
            this.stretch = stretch;
            this.stretchFrom = stretchFrom;
        }

        void gather(int start, int end, boolean hyphen) {
            int from = start;
            double before = 0;
            for (int i = start; i < end; i++) {
                char c = content.text()[i];
                boolean cut = c == '\t' || c == Paragraph.OBJECT;
                boolean gap = stretch > 0 && c == ' ' && i >= stretchFrom;
                if (gap) {
                    stretched += stretch;
                }
                boolean lastOfRun = i + 1 == end || !sameType(content.types()[i + 1], content.types()[i]);
                if (cut) {
                    add(from, i, before, false);
                    from = i + 1;
                    before = stretched;
                } else if (gap || lastOfRun) {
                    add(from, i + 1, before, hyphen && i + 1 == end);
                    from = i + 1;
                    before = stretched;
                }
            }
        }

        private void add(int from, int to, double before, boolean hyphen) {
            if (to <= from) {
                return;
            }
            StringBuilder text = new StringBuilder(to - from);
            for (int i = from; i < to; i++) {
                char c = content.shown()[i];
                if (c != Content.SOFT_HYPHEN) {
                    text.append(c);
                }
            }
            if (hyphen) {
                text.append('-');
            }
            if (text.isEmpty()) {
                return;
            }
            Type type = content.types()[from];
            double width = places[to] - places[from] + (hyphen ? type.advance('-') : 0);
            runs.add(new GlyphRun(text.toString(), round(places[from] + shift + before), round(width), type));
        }

        double stretched() {
            return stretched;
        }

        List<GlyphRun> runs() {
            return runs;
        }
    }
}
