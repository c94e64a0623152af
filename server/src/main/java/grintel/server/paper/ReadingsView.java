package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.check.Verdict;
import grintel.core.edit.WordChange;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Station;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Spot;
import grintel.core.rule.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/** The order of work with its readings. */
record ReadingsView(List<StationReadings> stations) {
    static ReadingsView of(Report report, Stets stets) {
        List<StationReadings> stations = new ArrayList<>();
        for (Station station : Station.values()) {
            List<ReadingView> readings = new ArrayList<>();
            report.verdicts().forEach((rule, verdict) -> {
                if (Station.of(rule) == station) {
                    verdict.readings().forEach(reading -> readings.add(ReadingView.of(reading, verdict, stets)));
                }
            });
            int open = (int) readings.stream()
                    .filter(each -> each.off() && each.stet() == null)
                    .count();
            boolean stands = readings.stream().anyMatch(each -> each.stet() != null);
            String state = open > 0 ? "open" : readings.isEmpty() ? "none" : stands ? "stet" : "met";
            stations.add(new StationReadings(station.id(), state, open, readings));
        }
        return new ReadingsView(stations);
    }

    /**
     * A station.
     *
     * @param state open, stet where nothing is open but something stands, met or none
     */
    record StationReadings(String id, String state, int open, List<ReadingView> readings) {}

    /**
     * A reading.
     *
     * @param key names it in later requests
     * @param fix looks, apparatus, ask or none
     * @param mendable whether it can be put right here
     * @param stet the reason for which the writer lets it stand; null where it does not
     * @param sign the corrector's sign for it
     * @param edge which edge of its place the sign stands at where it is about no words, else empty
     * @param note what to do, in as few words as a margin holds; {is} and {asked} stand for the measures
     */
    record ReadingView(
            String key,
            String rule,
            String quantity,
            String name,
            MeasureView is,
            MeasureView asked,
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
            List<ChangeView> changes,

            @Nullable String stet) {
        static ReadingView of(Reading reading, Verdict verdict, Stets stets) {
            FixClass fix = reading.fixClass();
            String stet = reading.off() ? stets.reason(reading) : null;
            boolean tellsWords = fix == FixClass.APPARATUS || fix == FixClass.ASK;
            return new ReadingView(
                    reading.key(),
                    reading.rule(),
                    reading.quantity(),
                    Wording.name(reading),
                    MeasureView.of(reading.is()),
                    MeasureView.of(reading.asked()),
                    reading.off(),
                    verdict.ask().weight().id(),
                    fix.id(),
                    reading.off() && fix != FixClass.NONE && stet == null,
                    reading.off() ? Wording.message(reading) : "",
                    Wording.why(reading.rule()),
                    verdict.ask().source(),
                    Wording.sign(reading).id(),
                    Wording.edge(reading),
                    Wording.note(reading),
                    reading.spots().stream().map(PlaceView::of).toList(),
                    tellsWords
                            ? reading.fix().words().stream().map(ChangeView::of).toList()
                            : List.of(),
                    stet);
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

    /**
     * Words that are changed.
     *
     * @param where where they stand, in words
     */
    record ChangeView(String where, String before, String after) {
        static ChangeView of(WordChange change) {
            return new ChangeView(
                    Wording.told(change.where()), Wording.shown(change.before()), Wording.shown(change.after()));
        }
    }
}
