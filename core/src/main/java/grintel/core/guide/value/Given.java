package grintel.core.guide.value;

import grintel.core.data.DataNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Values that were given, and read. Immutable; compared by value. */
public final class Given {
    /** Nothing at all. */
    public static final Given NOTHING = new Given(Map.of());

    private final Map<Value<?>, Object> values;

    private Given(Map<Value<?>, Object> values) {
        this.values = Map.copyOf(values);
    }

    /** The value given, else what holds without it. */
    public <T> T get(Value<T> value) {
        T found = find(value);
        if (found == null) {
            throw new IllegalStateException("No value " + value.name() + " is given");
        }
        return found;
    }

    /** The value given, else what holds without it; null where it is optional and not given. */
    @SuppressWarnings("unchecked") // a value is only put in with what its own type has read
    public <T> @Nullable T find(Value<T> value) {
        Object found = values.get(value);
        return found == null ? value.otherwise() : (T) found;
    }

    /** These with others over them. */
    public Given with(Given others) {
        Map<Value<?>, Object> merged = new LinkedHashMap<>(values);
        merged.putAll(others.values);
        return new Given(merged);
    }

    /** What is given, as plain data by name, in the order in which the values are declared. */
    public Map<String, Object> written(List<Value<?>> declared) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (Value<?> value : declared) {
            Object found = values.get(value);
            if (found != null) {
                out.put(value.name(), value.written(found));
            }
        }
        return out;
    }

    /** The names of those of some values that are needed and were not given. */
    public List<String> missing(List<Value<?>> of) {
        List<String> out = new ArrayList<>();
        for (Value<?> value : of) {
            if (value.isNeeded() && !values.containsKey(value)) {
                out.add(value.name());
            }
        }
        return out;
    }

    /**
     * Reads values.
     *
     * @param node holds them by name
     * @param among those it may hold
     * @param besides names that are no values and are passed over
     */
    public static Given read(DataNode node, List<Value<?>> among, List<String> besides) {
        Map<Value<?>, Object> values = new LinkedHashMap<>();
        for (String key : node.keys()) {
            if (!besides.contains(key)) {
                Value<?> value = named(key, among, node);
                values.put(value, value.type().read(node.get(key)));
            }
        }
        return new Given(values);
    }

    private static Value<?> named(String name, List<Value<?>> among, DataNode node) {
        for (Value<?> value : among) {
            if (value.name().equals(name)) {
                return value;
            }
        }
        List<String> names = among.stream().map(Value::name).toList();
        throw node.wrong("gives \"" + name + "\", which is none of its values"
                + (names.isEmpty() ? "" : " (it has " + String.join(", ", names) + ")"));
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Given given && values.equals(given.values);
    }

    @Override
    public int hashCode() {
        return values.hashCode();
    }

    @Override
    public String toString() {
        return values.toString();
    }
}
