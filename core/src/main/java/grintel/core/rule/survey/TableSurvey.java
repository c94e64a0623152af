package grintel.core.rule.survey;

import grintel.core.guide.demand.Station;
import grintel.core.rule.Examination;
import grintel.core.rule.Stroke;
import grintel.core.rule.Survey;
import grintel.core.typeset.PlacedTable;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;

/** How wide a table is, and each of its columns where they are few. */
public final class TableSurvey implements Survey {
    private static final int MOST_EDGES = 8;

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
        }
        return strokes;
    }
}
