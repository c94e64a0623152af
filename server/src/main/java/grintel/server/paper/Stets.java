package grintel.server.paper;

import grintel.core.rule.Reading;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The readings a writer lets stand, each with a reason. A reading that comes to measure something else is a new one and
 * no longer among them.
 *
 * @param reasons by the keys of the readings
 */
record Stets(Map<String, String> reasons) {
    static final Stets NONE = new Stets(Map.of());

    Stets {
        reasons = Collections.unmodifiableMap(new LinkedHashMap<>(reasons));
    }

    /** As the database keeps them: a line each, key and reason with a tab between. */
    static Stets decode(String encoded) {
        Map<String, String> reasons = new LinkedHashMap<>();
        for (String line : encoded.split("\n", -1)) {
            int tab = line.indexOf('\t');
            if (tab >= 0) {
                reasons.put(line.substring(0, tab), line.substring(tab + 1));
            }
        }
        return new Stets(reasons);
    }

    String encoded() {
        return reasons.entrySet().stream()
                .map(entry -> plain(entry.getKey()) + "\t" + plain(entry.getValue()))
                .collect(Collectors.joining("\n"));
    }

    private static String plain(String text) {
        return text.replaceAll("[\\t\\n\\r]+", " ");
    }

    /** The reason for which a reading stands, or null where it does not. */
    @Nullable
    String reason(Reading reading) {
        return reasons.get(plain(reading.key()));
    }

    Stets with(String reading, String reason) {
        Map<String, String> more = new LinkedHashMap<>(reasons);
        more.put(plain(reading), plain(reason));
        return new Stets(more);
    }

    Stets without(String reading) {
        Map<String, String> fewer = new LinkedHashMap<>(reasons);
        fewer.remove(plain(reading));
        return new Stets(fewer);
    }
}
