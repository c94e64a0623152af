package grintel.core.guide;

import grintel.core.guide.demand.Demands;
import grintel.core.guide.value.Given;
import grintel.core.guide.value.Value;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a guide asks of one rule. Its values were read, and found whole, when the guide was loaded.
 *
 * @param source the guide, and its section where that is known
 */
public record Ask(String rule, Weight weight, Given values, String source) {
    /** Nothing is asked of a rule. */
    public static Ask nothing(String rule) {
        return new Ask(rule, Weight.NOT_ASKED, Given.NOTHING, "");
    }

    public boolean isAsked() {
        return weight != Weight.NOT_ASKED;
    }

    /** A value, else what holds without it. */
    public <T> T get(Value<T> value) {
        return values.get(value);
    }

    /** A value, else what holds without it; null where it is optional and not given. */
    public <T> @Nullable T find(Value<T> value) {
        return values.find(value);
    }

    /** Weight and values as plain data by name. */
    public Map<String, Object> written() {
        Map<String, Object> out = new LinkedHashMap<>();
        out.put("weight", weight.id());
        out.putAll(values.written(Demands.get(rule).values()));
        return out;
    }
}
