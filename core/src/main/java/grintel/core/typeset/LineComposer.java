package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.TabPosition;
import grintel.core.paper.TabStops;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Breaks paragraphs into lines, each as full as it can be. Spaces at the end of a line hang beyond it. Not for several
 * threads: the arrays it works in are kept from paragraph to paragraph.
 */
final class LineComposer {
    /** A line may be this much too long, in millipoints: less than the error of summing its widths. */
    private static final double SLACK = 0.5;

    private final ContentReader reader;
    private final BreakOpportunities opportunities = new BreakOpportunities();
    private final Map<Integer, TabStops.Leader> leaders = new HashMap<>();
    private final Map<Integer, TabPosition> positions = new HashMap<>();
    private final int defaultTabStop;
    private double[] places = new double[256];

    LineComposer(ContentReader reader, int defaultTabStopTwips) {
        this.reader = reader;
        this.defaultTabStop = Math.max(Millipoints.PER_POINT, Millipoints.ofTwips(defaultTabStopTwips));
    }

    /** Sets a paragraph in a column of this width in millipoints. */
    SetParagraph compose(Stacked.Text text, int columnWidth, FieldValues fields) {
        return compose(text, columnWidth, fields, null, 0);
    }

    /**
     * Sets a paragraph, or what is left of it from a character on, beside what stands on the page.
     *
     * @param room where lines can stand, null for the whole column
     * @param from the first character to set, 0 for the paragraph's start
     */
    SetParagraph compose(Stacked.Text text, int columnWidth, FieldValues fields, @Nullable Room room, int from) {
        Paragraph paragraph = text.paragraph();
        Content content = reader.read(text, fields, positions);
        Measure measure = Measure.of(paragraph, columnWidth);
        leaders.clear();
        LineSetter setter = new LineSetter(paragraph, content, leaders);
        List<SetLine> lines = new ArrayList<>();
        if (places.length < content.length() + 1) {
            places = new double[Math.max(content.length() + 1, places.length * 2)];
        }
        boolean[] startsAt = opportunities.find(content.text(), content.length());
        int y = 0;
        int start = from;
        while (start < content.length()) {
            boolean first = start == 0;
            Measure here = measure;
            int lead = 0;
            if (room != null) {
                Room.Slot slot = room.find(y, setter.plainHeight());
                here = measure.within(slot.left(), slot.right());
                lead = slot.y() - y;
            }
            int end = breakLine(content, startsAt, start, first, here, paragraph);
            SetLine line = setter.set(start, end, first, here, places, lead);
            lines.add(line);
            y += line.height();
            start = end;
        }
        // A line break at the very end leaves an empty line; a page break takes the paragraph's end along with it.
        if (content.length() == 0 || content.text()[content.length() - 1] == Content.LINE_BREAK) {
            int lead = room == null ? 0 : room.find(y, setter.plainHeight()).y() - y;
            lines.add(setter.empty(measure, lead));
        }
        return new SetParagraph(text, List.copyOf(lines), content.floats(), measure.squeezed());
    }

    /** The narrowest and the widest a paragraph can be set: its longest word, and all of it in one line. */
    Extent extent(Paragraph paragraph) {
        Content content = reader.read(Stacked.Text.of(paragraph), FieldValues.UNCOUNTED, positions);
        boolean[] startsAt = opportunities.find(content.text(), content.length());
        double word = 0;
        double longestWord = 0;
        double line = 0;
        double longestLine = 0;
        double spaces = 0;
        for (int i = 0; i < content.length(); i++) {
            char c = content.text()[i];
            if (i > 0 && startsAt[i]) {
                word = 0;
            }
            if (Content.isForcedBreak(c)) {
                line = 0;
                spaces = 0;
                continue;
            }
            if (c == ' ') {
                spaces += content.widths()[i];
                continue;
            }
            double width = c == '\t' ? defaultTabStop : content.widths()[i];
            word += width;
            line += spaces + width;
            spaces = 0;
            longestWord = Math.max(longestWord, word);
            longestLine = Math.max(longestLine, line);
        }
        int indents = Math.max(0, Millipoints.ofTwips(paragraph.leftIndent()))
                + Math.max(0, Millipoints.ofTwips(paragraph.rightIndent()));
        int firstLine = Math.max(0, Millipoints.ofTwips(paragraph.firstLineIndent()));
        return new Extent(
                LineSetter.round(Math.ceil(longestWord) + indents),
                LineSetter.round(Math.ceil(longestLine) + indents + firstLine));
    }

    /** Chooses where the line from {@code start} ends, and notes each character's place on the way. */
    private int breakLine(
            Content content, boolean[] startsAt, int start, boolean first, Measure measure, Paragraph paragraph) {
        char[] text = content.text();
        double[] widths = content.widths();
        double x = measure.start(first);
        double right = measure.right();
        int lastStart = -1;
        boolean visible = false;
        for (int i = start; i < content.length(); i++) {
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
                TabPosition asked = positions.get(i);
                Stop stop = asked == null
                        ? nextStop(x, first, measure, paragraph)
                        : stopAt(asked, x, measure.start(first), measure);
                double to = placeAtStop(content, i + 1, x, stop);
                if (to > right + SLACK && !stop.custom && visible) {
                    return i;
                }
                if (stop.leader != TabStops.Leader.NONE) {
                    leaders.put(i, stop.leader);
                }
                right = Math.max(right, stop.custom ? Math.min(stop.position, measure.width()) : right);
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
        return content.length();
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
                if (first && measure.left() > x + SLACK && measure.left() < position) {
                    break;
                }
                return new Stop(position, stop.kind(), stop.leader(), true);
            }
        }
        if (first && measure.left() > x + SLACK) {
            return new Stop(measure.left(), TabStops.Kind.LEFT, TabStops.Leader.NONE, true);
        }
        long steps = (long) Math.floor((x + SLACK) / defaultTabStop) + 1;
        return new Stop(steps * (double) defaultTabStop, TabStops.Kind.LEFT, TabStops.Leader.NONE, false);
    }

    /**
     * Where a positional tab leads (ISO 29500-1 §17.3.3.23): the left edge, the middle or the right edge between the
     * margins or the indents; to the next line where the text already stands beyond it.
     */
    private static Stop stopAt(TabPosition asked, double x, int indent, Measure measure) {
        double left = asked.toMargins() ? 0 : indent;
        double right = asked.toMargins() ? measure.width() : measure.right();
        double position = switch (asked.kind()) {
            case CENTRE -> (left + right) / 2;
            case RIGHT, DECIMAL -> right;
            case LEFT, BAR -> left;
        };
        boolean ahead = position > x - SLACK;
        return new Stop(ahead ? position : measure.width() + position, asked.kind(), asked.leader(), ahead);
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

    private record Stop(double position, TabStops.Kind kind, TabStops.Leader leader, boolean custom) {}

    /** Millipoints, from the least to the most that is of use. */
    record Extent(int least, int most) {}
}
