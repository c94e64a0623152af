package grintel.core.typeset;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Story;
import grintel.core.paper.TabStops;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Sets the characters of one line: aligns them, and works out how high the line is. */
final class LineSetter {
    private final Paragraph paragraph;
    private final Content content;
    private final Map<Integer, TabStops.Leader> leaders;
    /** How many lines each of several paragraphs that are read as one stands in so far. */
    private final Map<ParagraphAddress, Integer> linesOf = new HashMap<>();

    /** @param leaders what leads over the tabs of the line, by the tab's place; filled while lines are broken */
    LineSetter(Paragraph paragraph, Content content, Map<Integer, TabStops.Leader> leaders) {
        this.paragraph = paragraph;
        this.content = content;
        this.leaders = leaders;
    }

    /**
     * Sets the characters from {@code start} up to {@code end}.
     *
     * @param places pen position of each character, before the line is aligned
     * @param lead white above the line, to clear what stands beside the flow
     */
    SetLine set(int start, int end, boolean first, Measure measure, double[] places, int lead) {
        char[] text = content.text();
        char last = text[end - 1];
        boolean forced = Content.isForcedBreak(last);
        int textEnd = forced ? end - 1 : end;
        int visibleEnd = textEnd;
        while (visibleEnd > start && text[visibleEnd - 1] == ' ') {
            visibleEnd--;
        }
        boolean hyphen =
                visibleEnd > start && visibleEnd < content.length() && text[visibleEnd - 1] == Content.SOFT_HYPHEN;
        double hyphenWidth = hyphen ? content.types()[visibleEnd - 1].advance('-') : 0;
        double lineStart = measure.start(first);
        double lineEnd = visibleEnd > start ? places[visibleEnd] + hyphenWidth : lineStart;
        boolean paragraphEnds = end == content.length();

        double shift = 0;
        double stretch = 0;
        int stretchFrom = visibleEnd;
        switch (paragraph.format().get(ParagraphProperties.ALIGNMENT)) {
            case CENTRE -> shift = (measure.right() - lineEnd) / 2;
            case RIGHT -> shift = measure.right() - lineEnd;
            case JUSTIFIED -> {
                if (!forced && !paragraphEnds) {
                    stretchFrom = afterLastTab(text, start, visibleEnd);
                    int gaps = gaps(text, stretchFrom, visibleEnd);
                    stretch = gaps > 0 ? Math.max(0, measure.right() - lineEnd) / gaps : 0;
                }
            }
            case LEFT -> {}
        }
        RunGatherer runs = new RunGatherer(content, places, leaders, shift, stretch, stretchFrom);
        List<SetLine.Share> shares = List.of();
        if (content.shares().isEmpty()) {
            runs.gather(start, visibleEnd, hyphen);
        } else {
            shares = gatherShares(start, visibleEnd, hyphen, runs);
        }

        int firstVisible = start;
        while (firstVisible < visibleEnd && (text[firstVisible] == ' ' || text[firstVisible] == '\t')) {
            firstVisible++;
        }
        double from = firstVisible < visibleEnd ? places[firstVisible] : lineStart;
        double width = firstVisible < visibleEnd ? lineEnd + runs.stretched() - from : 0;
        Heights heights = heights(start, textEnd).pushedDown(lead);
        List<PlacedPicture> pictures =
                content.boxes().isEmpty() ? List.of() : pictures(start, end, shift, heights, places);
        return new SetLine(
                round(from + shift),
                round(width),
                heights.baseline,
                heights.height,
                readable(text, start, visibleEnd),
                runs.runs(),
                pictures,
                content.calls().isEmpty() ? List.of() : calls(start, end),
                shares,
                after(last, paragraphEnds),
                end);
    }

    /** Gathers the line paragraph by paragraph. */
    private List<SetLine.Share> gatherShares(int start, int end, boolean hyphen, RunGatherer runs) {
        List<SetLine.Share> out = new ArrayList<>();
        List<Content.Share> owners = content.shares();
        for (int k = 0; k < owners.size(); k++) {
            Content.Share owner = owners.get(k);
            int from = Math.max(start, owner.from());
            int to = Math.min(end, k + 1 < owners.size() ? owners.get(k + 1).from() : end);
            if (from >= to) {
                continue;
            }
            int before = runs.runs().size();
            runs.gather(from, to, hyphen && to == end);
            List<GlyphRun> own =
                    List.copyOf(runs.runs().subList(before, runs.runs().size()));
            int x = own.isEmpty() ? round(runs.place(from)) : own.get(0).x();
            int right = own.isEmpty()
                    ? x
                    : own.get(own.size() - 1).x() + own.get(own.size() - 1).width();
            out.add(new SetLine.Share(
                    owner.paragraph(),
                    linesOf.merge(owner.paragraph().address(), 1, Integer::sum) - 1,
                    x,
                    right - x,
                    readable(content.text(), from, to),
                    own));
        }
        return out;
    }

    /** The line of a paragraph without characters, or the one that a line break at the very end leaves. */
    SetLine empty(Measure measure, int lead) {
        Heights heights =
                spaced(content.empty().ascent(), content.empty().depth(), 0).pushedDown(lead);
        double x = measure.start(true);
        x = switch (paragraph.format().get(ParagraphProperties.ALIGNMENT)) {
            case CENTRE -> (x + measure.right()) / 2;
            case RIGHT -> measure.right();
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
                List.of(),
                SetLine.After.PARAGRAPH_END,
                content.length());
    }

    /** How high a line of nothing but the paragraph's own type is. */
    int plainHeight() {
        return spaced(content.empty().ascent(), content.empty().depth(), 0).height;
    }

    private List<PlacedPicture> pictures(int start, int end, double shift, Heights heights, double[] places) {
        List<PlacedPicture> pictures = new ArrayList<>();
        content.boxes().entrySet().stream()
                .filter(entry -> entry.getKey() >= start && entry.getKey() < end)
                .sorted(Map.Entry.comparingByKey())
                .forEach(entry -> {
                    Content.Box box = entry.getValue();
                    pictures.add(new PlacedPicture(
                            round(places[entry.getKey()] + shift),
                            heights.baseline - box.height(),
                            box.width(),
                            box.height(),
                            box.target(),
                            box.alternative(),
                            box.standIn(),
                            ownerAt(entry.getKey())));
                });
        return pictures;
    }

    private ParagraphAddress ownerAt(int place) {
        ParagraphAddress owner = paragraph.address();
        for (Content.Share share : content.shares()) {
            owner = share.from() <= place ? share.paragraph().address() : owner;
        }
        return owner;
    }

    private List<Story> calls(int start, int end) {
        return content.calls().entrySet().stream()
                .filter(entry -> entry.getKey() >= start && entry.getKey() < end)
                .sorted(Map.Entry.comparingByKey())
                .map(Map.Entry::getValue)
                .toList();
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

    /** The highest ascent and the deepest depth of what stands in the line, then the paragraph's line spacing. */
    private Heights heights(int start, int end) {
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
            if (!RunGatherer.sameType(type, last)) {
                ascent = Math.max(ascent, type.ascent());
                depth = Math.max(depth, type.depth());
                last = type;
            }
        }
        if (last == null) {
            ascent = content.empty().ascent();
            depth = content.empty().depth();
        }
        return spaced(ascent, depth, pictures);
    }

    /**
     * Line spacing (ISO 29500-1 §17.3.1.33): what a multiple adds stands below the line, what "exactly" and "at least"
     * add stands above it. A picture makes its line higher but is not multiplied.
     */
    private Heights spaced(double ascent, double depth, int pictures) {
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

    static int round(double millipoints) {
        return (int) Math.round(Math.max(-Millipoints.LIMIT, Math.min(Millipoints.LIMIT, millipoints)));
    }

    private record Heights(int baseline, int height) {
        Heights pushedDown(int lead) {
            return lead == 0 ? this : new Heights(baseline + lead, height + lead);
        }
    }
}
