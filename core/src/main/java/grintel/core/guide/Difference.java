package grintel.core.guide;

import grintel.core.guide.demand.Demand;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.value.Value;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * One thing that house rules ask otherwise than their guide.
 *
 * @param name of the value, or {@code weight}
 * @param about what it is, in a phrase
 * @param is what is asked now, in words
 * @param guide what the guide itself asks, in words; empty where it asks nothing
 */
public record Difference(String rule, String name, String about, String is, String guide) {
    /** What of each rule differs, in order of work. */
    public static List<Difference> between(Guide guide, Guide house) {
        List<Difference> out = new ArrayList<>();
        for (Demand demand : Demands.all()) {
            Ask before = guide.ask(demand.rule());
            Ask after = house.ask(demand.rule());
            if (before.weight() != after.weight()) {
                out.add(new Difference(
                        demand.rule(),
                        "weight",
                        "how strictly it is asked",
                        told(after.weight().id()),
                        told(before.weight().id())));
            }
            Map<String, Object> was = before.values().written(demand.values());
            Map<String, Object> is = after.values().written(demand.values());
            for (Value<?> value : demand.values()) {
                Object now = is.get(value.name());
                Object then = was.containsKey(value.name()) ? was.get(value.name()) : otherwise(value);
                if (now != null && !now.equals(then)) {
                    out.add(new Difference(
                            demand.rule(), value.name(), value.about(), told(now), then == null ? "" : told(then)));
                }
            }
        }
        return out;
    }

    private static @Nullable Object otherwise(Value<?> value) {
        Object silent = value.otherwise();
        return silent == null ? null : value.written(silent);
    }

    /** Plain data in words. */
    public static String told(Object data) {
        if (data instanceof List<?> list) {
            return list.stream().map(Difference::told).collect(Collectors.joining(", "));
        }
        if (data instanceof Map<?, ?> map) {
            return map.entrySet().stream()
                    .map(each -> each.getKey() + " " + told(each.getValue()))
                    .collect(Collectors.joining(", "));
        }
        if (data instanceof Boolean flag) {
            return flag ? "yes" : "no";
        }
        String text = String.valueOf(data);
        return text.matches("[a-z]+(-[a-z]+)+") ? text.replace('-', ' ') : text;
    }
}
