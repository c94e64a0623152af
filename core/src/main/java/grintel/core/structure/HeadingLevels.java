package grintel.core.structure;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The levels of a paper's headings, told by how this paper forms them, whatever guide that is after. A heading style
 * says its level itself, and so do typed numbers; of the others, headings that look alike are of one level, and a look
 * that is new stands under the heading before it.
 */
final class HeadingLevels {
    private static final int DEEPEST = 9;
    private static final Pattern NUMBERS = Pattern.compile("(\\d{1,2}(?:\\.\\d{1,2}){0,4})\\.?\\s+.*");

    private final Map<Look, Integer> known = new HashMap<>();

    /** Learns from the headings whose style says their level. */
    void learn(List<Line> headings) {
        for (Line line : headings) {
            if (line.styleLevel() > 0) {
                known.putIfAbsent(Look.of(line), line.styleLevel());
            }
        }
    }

    /**
     * The level of a heading on a line of its own.
     *
     * @param before level of the heading before it, 0 for none
     */
    int of(Line line, int before) {
        if (line.styleLevel() > 0) {
            return line.styleLevel();
        }
        Matcher numbers = NUMBERS.matcher(line.text());
        if (numbers.matches()) {
            return (int) numbers.group(1).chars().filter(c -> c == '.').count() + 1;
        }
        return known.computeIfAbsent(Look.of(line), look -> Math.min(DEEPEST, before + 1));
    }

    /** The level of a heading that the text runs on from. */
    int ofRunIn(boolean bold, boolean italic, boolean underlined, int before) {
        return known.computeIfAbsent(
                new Look(false, bold, italic, underlined, false, true, 0), look -> Math.min(DEEPEST, before + 1));
    }

    /** What headings of one level have in common. */
    private record Look(
            boolean centred,
            boolean bold,
            boolean italic,
            boolean underlined,
            boolean capitals,
            boolean runIn,
            int size) {
        static Look of(Line line) {
            return new Look(
                    line.centred(),
                    line.isBold(),
                    line.isItalic(),
                    line.isUnderlined(),
                    line.isInCapitals(),
                    line.paragraph().runsOn(),
                    line.size());
        }
    }
}
