package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.check.Verdict;
import grintel.core.guide.demand.Station;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How a paper stands at each station, kept with the paper so that the list of papers need not examine anything.
 *
 * @param open open readings by station, those that stand left out; a station at which nothing is asked, or of which the paper holds nothing, is
 *     missing
 */
record StationStates(int pages, int words, Map<Station, Integer> open) {
    static StationStates of(Report report, Stets stets) {
        Map<Station, Integer> open = new EnumMap<>(Station.class);
        report.verdicts().forEach((rule, verdict) -> {
            if (verdict.status() == Verdict.Status.MET || verdict.status() == Verdict.Status.OFF) {
                int findings = (int) verdict.findings().stream()
                        .filter(finding -> stets.reason(finding) == null)
                        .count();
                open.merge(Station.of(rule), findings, Integer::sum);
            }
        });
        return new StationStates(report.proof().pages().size(), report.paper().words(), open);
    }

    /** As the database keeps it: {@code sheet=2,type=0}. */
    String encoded() {
        StringBuilder out = new StringBuilder();
        open.forEach((station, count) -> out.append(out.isEmpty() ? "" : ",")
                .append(station.id())
                .append('=')
                .append(count));
        return out.toString();
    }

    /** The views of all stations, from what the database keeps. */
    static List<StationView> decode(String encoded) {
        List<StationView> views = new ArrayList<>();
        for (Station station : Station.values()) {
            views.add(new StationView(station.id(), count(encoded, station.id())));
        }
        return views;
    }

    private static int count(String encoded, String id) {
        for (String pair : encoded.split(",", -1)) {
            if (pair.startsWith(id + "=")) {
                return Integer.parseInt(pair.substring(id.length() + 1));
            }
        }
        return -1;
    }

    /**
     * A station in a list.
     *
     * @param open open readings, -1 where there is nothing to read
     */
    record StationView(String id, int open) {}
}
