package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.check.Rules;
import grintel.core.check.Verdict;
import grintel.core.guide.demand.Station;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How a paper stands at each station after a step, kept with the step so that the list of papers need not examine
 * anything.
 *
 * @param open open readings by the ids of stations, those that stand left out; a station at which nothing is asked, of
 *     which the paper holds nothing, or that is not measured whole, is missing
 */
record StationStates(int pages, int words, Map<String, Integer> open) {
    StationStates {
        open = Map.copyOf(open);
    }

    static StationStates of(Report report, Stets stets) {
        Map<String, Integer> open = new LinkedHashMap<>();
        report.verdicts().forEach((rule, verdict) -> {
            if (verdict.status() == Verdict.Status.MET || verdict.status() == Verdict.Status.OFF) {
                int findings = (int) verdict.findings().stream()
                        .filter(finding -> stets.reason(finding) == null)
                        .count();
                open.merge(Station.of(rule).id(), findings, Integer::sum);
            }
        });
        // Of a station not all of whose rules are built it cannot be said that it is met.
        report.notMeasured().stream()
                .filter(rule -> Rules.find(rule) == null)
                .forEach(rule -> open.remove(Station.of(rule).id(), 0));
        return new StationStates(report.proof().pages().size(), report.paper().words(), open);
    }

    /** The views of all stations. */
    List<StationView> views() {
        List<StationView> views = new ArrayList<>();
        for (Station station : Station.values()) {
            views.add(new StationView(station.id(), open.getOrDefault(station.id(), -1)));
        }
        return views;
    }

    /**
     * A station in a list.
     *
     * @param open open readings, -1 where there is nothing to read
     */
    record StationView(String id, int open) {}
}
