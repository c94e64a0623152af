package grintel.core.paper;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * The tab stops one layer sets, and the positions at which it takes away stops of the layers below (ISO 29500-1
 * §17.3.1.38).
 *
 * @param stops in order of position
 * @param cleared positions in twips
 */
public record TabStops(List<Stop> stops, List<Integer> cleared) {
    public static final TabStops NONE = new TabStops(List.of(), List.of());

    public TabStops {
        stops = List.copyOf(stops);
        cleared = List.copyOf(cleared);
    }

    /** These stops laid over those of the layer below. */
    TabStops over(TabStops below) {
        if (below.stops.isEmpty()) {
            return new TabStops(stops, List.of());
        }
        List<Stop> merged = new ArrayList<>(stops);
        for (Stop stop : below.stops) {
            boolean replaced =
                    cleared.contains(stop.position) || stops.stream().anyMatch(own -> own.position == stop.position);
            if (!replaced) {
                merged.add(stop);
            }
        }
        merged.sort(Comparator.comparingInt(Stop::position));
        return new TabStops(merged, List.of());
    }

    /**
     * One tab stop.
     *
     * @param position twips from the left margin
     */
    public record Stop(int position, Kind kind, Leader leader) {}

    /** How text stands at a stop. */
    public enum Kind {
        LEFT,
        CENTRE,
        RIGHT,
        DECIMAL,
        BAR
    }

    /** What fills the gap before a stop. */
    public enum Leader {
        NONE(' '),
        DOTS('.'),
        HYPHENS('-'),
        LINE('_');

        private final char character;

        Leader(char character) {
            this.character = character;
        }

        public char character() {
            return character;
        }
    }
}
