package grintel.core.table.statistics;

import java.util.ArrayList;
import java.util.List;

/**
 * How far the items of a scale measure one thing.
 *
 * @param alpha Cronbach's alpha, 1 at most
 * @param items how many
 * @param n persons who answered all of them
 */
public record Reliability(double alpha, int items, int n) {
    /** Of two items or more, answered by the same two persons or more. */
    public static Reliability of(List<Sample> items) {
        if (items.size() < 2) {
            throw new NotComputableException("A scale has two items at least.");
        }
        items.forEach(item -> item.needs(2));
        double variances = 0;
        List<Double> sums = new ArrayList<>();
        for (int i = 0; i < items.get(0).n(); i++) {
            double sum = 0;
            for (Sample item : items) {
                sum += item.values().get(i);
            }
            sums.add(sum);
        }
        for (Sample item : items) {
            variances += item.variance();
        }
        double whole = new Sample("The scale", sums).variance();
        if (whole == 0) {
            throw new NotComputableException("All persons have the same sum, so that no reliability can be computed.");
        }
        int k = items.size();
        return new Reliability(k / (k - 1.0) * (1 - variances / whole), k, sums.size());
    }
}
