package grintel.server.paper;

import grintel.core.guide.demand.Demands;
import grintel.core.guide.demand.FixClass;
import grintel.core.guide.demand.Station;
import grintel.core.rule.Change;
import grintel.core.rule.Place;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Report;
import grintel.core.rule.Verdict;
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
     */
    record ReadingView(
            String key,
            String rule,
            String quantity,
            String name,
            QuantityView is,
            QuantityView asked,
            boolean off,
            String weight,
            String fix,
            boolean mendable,
            String message,
            String why,
            String source,
            List<PlaceView> places,
            List<ChangeView> changes,

            @Nullable String stet) {
        static ReadingView of(Reading reading, Verdict verdict, Stets stets) {
            FixClass fix = Demands.get(reading.rule()).fix();
            boolean bulk = fix == FixClass.LOOKS || fix == FixClass.APPARATUS;
            return new ReadingView(
                    ReadingKey.of(reading),
                    reading.rule(),
                    reading.name(),
                    Wording.name(reading),
                    QuantityView.of(reading.is()),
                    QuantityView.of(reading.asked()),
                    reading.off(),
                    verdict.ask().weight().id(),
                    fix.id(),
                    reading.off() && bulk && !reading.edits().isEmpty() && stets.reason(reading) == null,
                    reading.off() ? Wording.message(reading) : "",
                    Wording.why(reading.rule()),
                    verdict.ask().source(),
                    reading.places().stream().map(PlaceView::of).toList(),
                    reading.changes().stream().map(ChangeView::of).toList(),
                    reading.off() ? stets.reason(reading) : null);
        }
    }

    /**
     * A quantity.
     *
     * @param twips for a length, so that it can be shown in another unit; null otherwise
     * @param number for a number that is no length
     */
    record QuantityView(
            String text, @Nullable Double twips, @Nullable Double number) {
        static QuantityView of(Quantity quantity) {
            return new QuantityView(
                    quantity.text(),
                    quantity.length() ? quantity.number() : null,
                    quantity.length() ? null : quantity.number());
        }
    }

    record PlaceView(String part, int page, int paragraph, String quote) {
        static PlaceView of(Place place) {
            return new PlaceView(
                    place.part().name().toLowerCase(Locale.ROOT), place.page(), place.paragraph(), place.quote());
        }
    }

    record ChangeView(String before, String after) {
        static ChangeView of(Change change) {
            return new ChangeView(change.before(), change.after());
        }
    }
}
