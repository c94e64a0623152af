package grintel.server.page;

import grintel.core.check.Report;
import grintel.core.guide.demand.Station;
import grintel.core.guide.value.Length;
import grintel.core.rule.Measure;
import grintel.core.rule.Stroke;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.ProofPage;
import grintel.server.problem.Problem;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a station measures, page by page. Points from the sheet's top left corner. */
public record StrokesView(List<PageStrokes> pages) {
    public static StrokesView of(Report report, String station, Units units) {
        Station asked = station(station);
        List<PageStrokes> pages = new ArrayList<>();
        for (ProofPage page : report.proof().pages()) {
            List<StrokeView> strokes = report.strokes(asked, page).stream()
                    .map(stroke -> StrokeView.of(stroke, units))
                    .toList();
            if (!strokes.isEmpty()) {
                pages.add(new PageStrokes(page.number(), strokes));
            }
        }
        return new StrokesView(pages);
    }

    private static Station station(String id) {
        for (Station station : Station.values()) {
            if (station.id().equals(id)) {
                return station;
            }
        }
        throw Problem.notFound("There is no such station.");
    }

    public record PageStrokes(int page, List<StrokeView> strokes) {}

    /**
     * A distance, and where its far edge should be.
     *
     * @param quantity what it measures
     * @param reading key of the reading it belongs to
     * @param axis across or down
     * @param from the edge measured from, along the axis
     * @param to the edge measured to
     * @param asked where that edge should be
     * @param near the end of the band across the axis at which it is drawn where nothing is in the way
     * @param far the other end
     * @param is what is said of it, in the units asked for
     * @param ought what is said of the asked edge
     */
    public record StrokeView(
            String quantity,

            @Nullable String reading,
            String axis,
            double from,
            double to,

            @Nullable Double asked,
            double near,
            double far,
            String is,

            @Nullable String ought) {
        static StrokeView of(Stroke stroke, Units units) {
            Integer asked = stroke.asked();
            return new StrokeView(
                    stroke.quantity(),
                    stroke.reading(),
                    stroke.axis().id(),
                    Millipoints.toPoints(stroke.from()),
                    Millipoints.toPoints(stroke.to()),
                    asked == null ? null : Millipoints.toPoints(asked),
                    Millipoints.toPoints(stroke.near()),
                    Millipoints.toPoints(stroke.far()),
                    told(stroke.is(), stroke.to() - stroke.from(), units),
                    asked == null ? null : told(stroke.ought(), asked - stroke.from(), units));
        }

        private static String told(@Nullable Measure said, int millipoints, Units units) {
            double twips = Math.abs(millipoints) / (double) Millipoints.PER_TWIP;
            return Wording.told(said == null ? Measure.distance(twips, Length.Unit.INCHES) : said, units);
        }
    }
}
