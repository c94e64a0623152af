package grintel.core.chart;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** What a chart shows, without how it is drawn. */
public sealed interface Chart {
    /** What the numbers from left to right, or the categories, are. */
    String across();

    /** What the numbers from the foot up are. */
    String up();

    /** What marks a number. */
    enum Mark {
        BARS,
        /** Points joined by lines. */
        POINTS
    }

    /**
     * A number for each category, of one series or of several.
     *
     * @param categories from left to right, all different
     * @param series all different in name, each with a number a category
     */
    record Columns(Mark mark, String across, String up, List<String> categories, List<Series> series) implements Chart {
        /** More than these are no chart for a page. */
        public static final int MOST_CATEGORIES = 16;

        public static final int MOST_SERIES = 6;

        public Columns {
            categories = List.copyOf(categories);
            series = List.copyOf(series);
            int columns = categories.size();
            Set<String> names = new HashSet<>(series.stream().map(Series::name).toList());
            if (columns == 0
                    || columns > MOST_CATEGORIES
                    || series.isEmpty()
                    || series.size() > MOST_SERIES
                    || new HashSet<>(categories).size() < columns
                    || names.size() < series.size()
                    || series.stream().anyMatch(each -> each.values().size() != columns)) {
                throw new IllegalArgumentException("No columns: " + columns + " and " + series.size());
            }
        }

        /** Whether any of its numbers has an error bar. */
        public boolean reaches() {
            return series.stream().anyMatch(each -> each.reaches().stream().anyMatch(reach -> reach > 0));
        }
    }

    /**
     * Numbers of one kind.
     *
     * @param name what it is called in the legend; empty where it is the only one
     * @param values one a category, null where there is none
     * @param reaches how far an error bar reaches to either side, 0 for none; as many as values
     */
    record Series(String name, List<@Nullable Double> values, List<Double> reaches) {
        public Series {
            values = Collections.unmodifiableList(new ArrayList<>(values));
            reaches = List.copyOf(reaches);
            if (values.size() != reaches.size()
                    || values.stream().anyMatch(value -> value != null && !Double.isFinite(value))
                    || reaches.stream().anyMatch(reach -> !Double.isFinite(reach) || reach < 0)) {
                throw new IllegalArgumentException("Values and reaches do not go together");
            }
        }
    }

    /**
     * A point for each pair of numbers.
     *
     * @param y as many as x, two at least
     * @param line through the points, null for none
     */
    record Scatter(
            String across,
            String up,
            List<Double> x,
            List<Double> y,
            @Nullable Line line) implements Chart {
        public Scatter {
            x = List.copyOf(x);
            y = List.copyOf(y);
            if (x.size() < 2 || x.size() != y.size()) {
                throw new IllegalArgumentException("No pairs: " + x.size() + " and " + y.size());
            }
        }
    }

    /** A straight line. */
    record Line(double intercept, double slope) {
        /** Its height at a place. */
        public double at(double x) {
            return intercept + slope * x;
        }
    }
}
