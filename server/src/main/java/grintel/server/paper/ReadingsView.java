package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.check.Rules;
import grintel.core.check.Verdict;
import grintel.core.guide.Brief;
import grintel.core.guide.Difference;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Station;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Spot;
import grintel.core.rule.Units;
import grintel.core.rule.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** The order of work with its readings. */
record ReadingsView(List<StationReadings> stations) {
    static ReadingsView of(Report report, Stets stets, Units units) {
        Map<String, String> otherwise = otherwise(report.brief());
        return new ReadingsView(Arrays.stream(Station.values())
                .map(station -> StationReadings.of(station, report, stets, units, otherwise))
                .toList());
    }

    /** What the guide itself asks of each rule that house rules changed. */
    private static Map<String, String> otherwise(Brief brief) {
        Guide plain = Guides.find(brief.guide().id());
        if (plain == null || brief.guide().houseRules().isEmpty()) {
            return Map.of();
        }
        return Difference.between(plain, brief.guide()).stream()
                .collect(Collectors.groupingBy(
                        Difference::rule,
                        Collectors.mapping(
                                each -> each.name() + " " + (each.guide().isEmpty() ? "not asked" : each.guide()),
                                Collectors.joining(", "))));
    }

    /**
     * A station.
     *
     * @param state open; stet where nothing is open but something stands; met; partly where what is measured is met, but
     *     not all that the guide asks is measured yet; absent where the paper holds nothing to
     *     measure; unmeasured where what the guide asks is not measured; unasked where it asks nothing
     * @param notBuilt how many rules the guide asks that are not measured in any paper yet
     * @param silent what rules are about that were not measured in this paper, for lack of a fact or waiting for another
     */
    record StationReadings(
            String id, String state, int open, int notBuilt, List<String> silent, List<ReadingView> readings) {
        private static StationReadings of(
                Station station, Report report, Stets stets, Units units, Map<String, String> otherwise) {
            List<ReadingView> readings = new ArrayList<>();
            boolean asked = false;
            for (Map.Entry<String, Verdict> each : report.verdicts().entrySet()) {
                Verdict verdict = each.getValue();
                if (Station.of(each.getKey()) == station) {
                    asked |= verdict.status() != Verdict.Status.NOT_ASKED;
                    String own = otherwise.get(each.getKey());
                    verdict.readings()
                            .forEach(reading -> readings.add(ReadingView.of(reading, verdict, stets, units, own)));
                }
            }
            List<String> notMeasured = report.notMeasured().stream()
                    .filter(rule -> Station.of(rule) == station)
                    .toList();
            List<String> silent = notMeasured.stream()
                    .filter(rule -> Rules.find(rule) != null)
                    .map(Wording::title)
                    .toList();
            int open = (int) readings.stream()
                    .filter(each -> each.off() && each.stet() == null)
                    .count();
            boolean stands = readings.stream().anyMatch(each -> each.stet() != null);
            int notBuilt = notMeasured.size() - silent.size();
            String met = notBuilt > 0 ? "partly" : "met";
            String state = open > 0 ? "open" : stands ? "stet" : met;
            if (readings.isEmpty()) {
                state = asked && silent.isEmpty() ? "absent" : notMeasured.isEmpty() ? "unasked" : "unmeasured";
            }
            return new StationReadings(station.id(), state, open, notBuilt, silent, readings);
        }
    }

    /**
     * A reading.
     *
     * @param key names it in later requests
     * @param title what its rule is about, the same for all readings of the rule
     * @param offBy by how much it is off, with sign and unit; empty where no number tells it
     * @param fix looks, apparatus, ask or none
     * @param mendable whether it can be put right here
     * @param stet the reason for which the writer lets it stand; null where it does not
     * @param sign the corrector's sign for it
     * @param edge which edge of its place the sign stands at where it is about no words, else empty
     * @param note what to do, in as few words as a margin holds
     * @param guideAsks what the guide itself asks, where house rules ask otherwise
     */
    record ReadingView(
            String key,
            String rule,
            String quantity,
            String name,
            String title,
            MeasureView is,
            MeasureView asked,
            String offBy,
            boolean off,
            String weight,
            String fix,
            boolean mendable,
            String message,
            String why,
            String source,
            String sign,
            String edge,
            String note,
            List<PlaceView> places,

            @Nullable String stet,

            @Nullable String guideAsks) {
        static ReadingView of(Reading reading, Verdict verdict, Stets stets, Units units, @Nullable String guideAsks) {
            FixClass fix = reading.fixClass();
            String stet = reading.off() ? stets.reason(reading) : null;
            return new ReadingView(
                    reading.key(),
                    reading.rule(),
                    reading.quantity(),
                    Wording.name(reading),
                    Wording.title(reading.rule()),
                    MeasureView.of(reading.is(), units),
                    MeasureView.of(reading.asked(), units),
                    reading.off() ? Wording.difference(reading, units) : "",
                    reading.off(),
                    verdict.ask().weight().id(),
                    fix.id(),
                    reading.off() && fix != FixClass.NONE && stet == null,
                    reading.off() ? Wording.message(reading, units) : "",
                    Wording.why(reading.rule()),
                    verdict.ask().source(),
                    Wording.sign(reading).id(),
                    Wording.edge(reading),
                    Wording.note(reading, units),
                    reading.spots().stream().map(PlaceView::of).toList(),
                    stet,
                    guideAsks);
        }
    }

    /**
     * A place.
     *
     * @param anchor names it in later requests
     * @param fix how far putting this place right goes
     */
    record PlaceView(String part, int page, int paragraph, String quote, String anchor, String fix) {
        static PlaceView of(Spot spot) {
            Place place = spot.place();
            return new PlaceView(
                    place.part().name().toLowerCase(Locale.ROOT),
                    place.page(),
                    place.paragraph(),
                    place.quote(),
                    spot.anchor(),
                    spot.fix().id());
        }
    }
}
