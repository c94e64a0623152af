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
            widths[i] = (edges.get(i + 1) - edges.get(i)) / (double) Millipoints.PER_TWIP;
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
            for (Proof.Placed placed : exam.proof().lines(paragraph.address())) {
                longest = Math.max(longest, indent + longestWord(placed.line()) / Millipoints.PER_TWIP);
            }
        }
        return longest;
    }

    /** Millipoints. */
    private static double longestWord(ProofLine line) {
        double longest = 0;
        double word = 0;
        for (GlyphRun run : line.runs()) {
            for (int c : run.text().codePoints().toArray()) {
                word = Character.isWhitespace(c) ? 0 : word + run.type().advance(c);
                longest = Math.max(longest, word);
                if (c == '-') {
                    word = 0;
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
     * The columns in this room, each narrower in proportion to what it has beyond its longest word; in proportion to its
     * width where words must be broken. As they are where the room is enough.
     */
    List<Integer> in(double room) {
        double over = width() - room;
        double spare = 0;
        for (int i = 0; i < widths.length; i++) {
            spare += Math.max(0, widths[i] - least[i]);
        }
        List<Integer> out = new ArrayList<>();
        for (int i = 0; i < widths.length; i++) {
            double gives = over <= 0
                    ? 0
                    : over <= spare ? Math.max(0, widths[i] - least[i]) / spare * over : widths[i] / width() * over;
            out.add((int) Math.floor(widths[i] - gives));
        }
        return out;
    }
}
