package grintel.core.rule.survey;

import grintel.core.guide.demand.Station;
import grintel.core.rule.Examination;
import grintel.core.rule.Stroke;
import grintel.core.rule.Survey;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.PlacedTable;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;

/** How wide a table is, each of its columns where they are few, and what stands free over and under it. */
public final class TableSurvey implements Survey {
    private static final int MOST_EDGES = 8;
    /** Millipoints: less than this is no gap that anyone sees. */
    private static final int LEAST_GAP = 1_000;

    @Override
    public Station station() {
        return Station.TABLES;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page) {
        List<Stroke> strokes = new ArrayList<>();
        for (PlacedTable table : page.tables()) {
            List<Integer> edges = table.edges();
            int last = edges.get(edges.size() - 1);
            strokes.add(Stroke.across("table", edges.get(0), last, table.bottom(), page.height()));
            for (int i = 1; i < edges.size() && edges.size() > 2 && edges.size() <= MOST_EDGES; i++) {
                strokes.add(Stroke.across("table-column", edges.get(i - 1), edges.get(i), table.top(), 0));
            }
            gaps(page, table, strokes);
        }
        return strokes;
    }

    /** To the edges of the lines of text that come before and after it on the page. */
    private static void gaps(ProofPage page, PlacedTable table, List<Stroke> strokes) {
        int left = table.edges().get(0);
        int right = table.edges().get(table.edges().size() - 1);
        int before = Integer.MIN_VALUE;
        int after = Integer.MAX_VALUE;
        for (ProofLine line : page.lines()) {
            if (line.part() == PagePart.TEXT && !line.isEmpty()) {
                int bottom = line.top() + line.height();
                before = bottom <= table.top() ? Math.max(before, bottom) : before;
                after = line.top() >= table.bottom() ? Math.min(after, line.top()) : after;
            }
        }
        if (before != Integer.MIN_VALUE && table.top() - before >= LEAST_GAP) {
            strokes.add(Stroke.down("table-above", before, table.top(), left, right));
        }
        if (after != Integer.MAX_VALUE && after - table.bottom() >= LEAST_GAP) {
            strokes.add(Stroke.down("table-below", table.bottom(), after, left, right));
        }
    }
}
