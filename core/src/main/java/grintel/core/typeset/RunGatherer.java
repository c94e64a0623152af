package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.TabStops;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Cuts a line into runs of one type, and at tabs, links and stretched spaces. */
final class RunGatherer {
    private final Content content;
    private final double[] places;
    private final Map<Integer, TabStops.Leader> leaders;
    private final double shift;
    private final double stretch;
    private final int stretchFrom;
    private final List<GlyphRun> runs = new ArrayList<>(2);
    private double stretched;

    /**
     * @param places pen position of each character
     * @param leaders what leads over tabs, by the tab's place
     * @param shift added to every place
     * @param stretch added to every space from {@code stretchFrom} on
     */
    RunGatherer(
            Content content,
            double[] places,
            Map<Integer, TabStops.Leader> leaders,
            double shift,
            double stretch,
            int stretchFrom) {
        this.content = content;
        this.places = places;
        this.leaders = leaders;
        this.shift = shift;
        this.stretch = stretch;
        this.stretchFrom = stretchFrom;
    }

    /** Cuts further characters of the line, those before having been cut. */
    void gather(int start, int end, boolean hyphen) {
        char[] text = content.text();
        boolean linked = !content.links().isEmpty();
        int from = start;
        double before = stretched;
        for (int i = start; i < end; i++) {
            char c = text[i];
            if (c == '\t' || c == Paragraph.OBJECT) {
                add(from, i, before, false);
                if (c == '\t') {
                    lead(i);
                }
                from = i + 1;
                before = stretched;
                continue;
            }
            boolean gap = stretch > 0 && c == ' ' && i >= stretchFrom;
            if (gap) {
                stretched += stretch;
            }
            boolean cut = gap || i + 1 == end || !sameType(content.types()[i + 1], content.types()[i]);
            if (!cut && linked) {
                cut = !content.linkAt(i).equals(content.linkAt(i + 1));
            }
            if (cut) {
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
        runs.add(new GlyphRun(
                text.toString(),
                LineSetter.round(places[from] + shift + before),
                LineSetter.round(width),
                type,
                content.linkAt(from),
                false));
    }

    /** Leaders stand on a grid that starts at the column's edge, so that those of neighbouring lines agree. */
    private void lead(int tab) {
        TabStops.Leader leader = leaders.getOrDefault(tab, TabStops.Leader.NONE);
        if (leader == TabStops.Leader.NONE) {
            return;
        }
        String sign = String.valueOf(leader.character());
        Type type = content.types()[tab];
        double advance = type.advance(sign.charAt(0));
        if (advance < Millipoints.PER_POINT / 2.0) {
            return;
        }
        double from = Math.ceil((places[tab] + shift + stretched) / advance) * advance;
        int count = (int) Math.floor((places[tab + 1] + shift + stretched - from) / advance);
        if (count > 0) {
            runs.add(new GlyphRun(
                    sign.repeat(count), LineSetter.round(from), LineSetter.round(count * advance), type, "", true));
        }
    }

    /** Where a character stands in the line, the stretching so far included. */
    double place(int at) {
        return places[at] + shift + stretched;
    }

    /** How much the spaces were stretched in all. */
    double stretched() {
        return stretched;
    }

    List<GlyphRun> runs() {
        return runs;
    }

    /** The reader makes each type once, so that types can be told apart without comparing them part by part. */
    @SuppressWarnings("ReferenceEquality")
    static boolean sameType(Type one, @Nullable Type other) {
        return one == other;
    }
}
