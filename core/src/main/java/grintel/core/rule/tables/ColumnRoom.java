package grintel.core.rule.tables;

import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * How wide the columns of a table are as laid out, and how wide they must be at least so that no word in them is broken.
 * Twips.
 */
final class ColumnRoom {
    private final double[] widths;
    private final double[] least;

    private ColumnRoom(double[] widths, double[] least) {
        this.widths = widths;
        this.least = least;
    }

    static ColumnRoom of(Examination exam, DataTables.DataTable table) {
        List<Integer> edges = table.pieces().get(0).placed().edges();
        double[] widths = new double[edges.size() - 1];
        double[] least = new double[widths.length];
        for (int i = 0; i < widths.length; i++) {
            widths[i] = Millipoints.toTwips(edges.get(i + 1) - edges.get(i));
        }
        for (CellGrid.Place place : table.grid().all()) {
            if (place.cell().span() == 1 && place.column() < least.length) {
                int white =
                        place.cell().margins().left() + place.cell().margins().right();
                least[place.column()] = Math.max(least[place.column()], longestWord(exam, place) + white);
            }
        }
        return new ColumnRoom(widths, least);
    }

    private static double longestWord(Examination exam, CellGrid.Place place) {
        double longest = 0;
        for (Paragraph paragraph : place.paragraphs()) {
            int indent = Math.max(0, paragraph.leftIndent()) + Math.max(0, paragraph.rightIndent());
            List<ProofLine> lines = exam.proof().lines(paragraph.address()).stream()
                    .map(Proof.Placed::line)
                    .toList();
            longest = Math.max(longest, indent + longestWord(lines) / Millipoints.PER_TWIP);
        }
        return longest;
    }

    /** Millipoints; a word that is broken now goes on in the next line. */
    private static double longestWord(List<ProofLine> lines) {
        double longest = 0;
        double word = 0;
        for (ProofLine line : lines) {
            for (GlyphRun run : line.runs()) {
                for (int c : run.text().codePoints().toArray()) {
                    word = Character.isWhitespace(c) ? 0 : word + run.type().advance(c);
                    longest = Math.max(longest, word);
                    if (c == '-') {
                        word = 0;
                    }
                }
            }
        }
        return longest;
    }

    double width() {
        return Arrays.stream(widths).sum();
    }

    /** Whether no word is broken where all columns together have so much room. */
    boolean fits(double room) {
        return Arrays.stream(least).sum() <= room;
    }

    /**
     * The columns in this room: each at least as wide as its longest word, and what is left in proportion to what each has
     * beyond it now; where words must be broken, the longest of them.
     */
    List<Integer> in(double room) {
        double[] floor = fits(room) ? least : capped(room);
        double left = Math.max(0, Math.min(room, width()) - Arrays.stream(floor).sum());
        double beyond = 0;
        for (int i = 0; i < widths.length; i++) {
            beyond += Math.max(0, widths[i] - floor[i]);
        }
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < widths.length; i++) {
            double more = beyond == 0 ? 0 : Math.max(0, widths[i] - floor[i]) / beyond * left;
            out.add((int) Math.floor(floor[i] + more));
        }
        return out;
    }

    /** The least widths, none wider than the widest that lets all stand in this room. */
    private double[] capped(double room) {
        double[] ascending = least.clone();
        Arrays.sort(ascending);
        double left = room;
        double cap = 0;
        for (int i = 0; i < ascending.length; i++) {
            cap = left / (ascending.length - i);
            if (ascending[i] > cap) {
                break;
            }
            left -= ascending[i];
        }
        double widest = cap;
        return Arrays.stream(least).map(width -> Math.min(width, widest)).toArray();
    }
}
