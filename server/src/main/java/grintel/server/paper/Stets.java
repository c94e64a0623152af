package grintel.server.paper;

import grintel.core.rule.Reading;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
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

    /** The reason for which a reading stands, or null where it does not. */
    @Nullable
    String reason(Reading reading) {
        return reasons.get(reading.key());
    }

    Stets with(String reading, String reason) {
        Map<String, String> more = new LinkedHashMap<>(reasons);
        more.put(reading, reason);
        return new Stets(more);
    }

    Stets without(String reading) {
        Map<String, String> fewer = new LinkedHashMap<>(reasons);
        fewer.remove(reading);
        return new Stets(fewer);
    }
}
