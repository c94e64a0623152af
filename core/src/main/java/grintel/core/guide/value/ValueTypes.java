package grintel.core.guide.value;

import grintel.core.data.DataNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/** The types of value there are. */
public final class ValueTypes {
    private static final String LENGTH_PATTERN = "^-?[0-9]+(\\.[0-9]+)? ?(in|cm|mm|pt)$";

    private ValueTypes() {}

    /** A length with its unit, from one length up to another. */
    public static ValueType<Length> length(String least, String most) {
        Length from = Length.parse(least);
        Length to = Length.parse(most);
        return new Simple<>(
                schema("type", "string", "pattern", LENGTH_PATTERN),
                "length, " + least + " to " + most,
                node -> inRange(node, Length.of(node), from, to),
                Length::toString);
    }

    private static Length inRange(DataNode node, Length read, Length from, Length to) {
        if (read.twips() < from.twips() - 1 || read.twips() > to.twips() + 1) {
            throw node.wrong("should be from " + from + " to " + to);
        }
        return read;
    }

    /** A number, which may have a decimal point. */
    public static ValueType<Double> decimal(double least, double most) {
        String range = plain(least) + " to " + plain(most);
        return new Simple<>(
                number(),
                "number, " + range,
                node -> {
                    double read = parse(node, node.text(), range);
                    if (read < least || read > most) {
                        throw node.wrong("should be a number from " + range);
                    }
                    return read;
                },
                ValueTypes::shortest);
    }

    /** Whole numbers without a decimal point. */
    private static Object shortest(double number) {
        return number == Math.rint(number) ? (Object) (int) number : (Object) number;
    }

    /** A whole number. */
    public static ValueType<Integer> whole(int least, int most) {
        String range = least + " to " + most;
        return new Simple<>(
                schema("type", List.of("integer", "string")),
                "whole number, " + range,
                node -> {
                    int read = node.number();
                    if (read < least || read > most) {
                        throw node.wrong("should be from " + range);
                    }
                    return read;
                },
                value -> value);
    }

    /** A type size in points, halves allowed; read as half-points. */
    public static ValueType<Integer> size() {
        return new Simple<>(
                number(),
                "points, 4 to 72",
                node -> {
                    double points = parse(node, node.text().replace("pt", "").strip(), "4 to 72");
                    if (points < 4 || points > 72) {
                        throw node.wrong("should be a size from 4 to 72 points");
                    }
                    return (int) Math.round(points * 2);
                },
                halfPoints -> shortest(halfPoints / 2.0));
    }

    private static Map<String, Object> number() {
        return schema("type", List.of("number", "string"));
    }

    private static double parse(DataNode node, String text, String range) {
        try {
            return Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw node.wrong("should be a number from " + range + ", not \"" + text + "\"");
        }
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }

    /** One of a closed list of words. */
    public static <E extends Enum<E> & Worded> ValueType<E> word(Class<E> words) {
        List<String> ids =
                Arrays.stream(words.getEnumConstants()).map(Worded::id).toList();
        String told = String.join(", ", ids);
        return new Simple<>(
                schema("enum", ids.stream().map(ValueTypes::asWritten).toList()),
                "one of " + told,
                node -> {
                    String text = node.text();
                    for (E word : words.getEnumConstants()) {
                        if (word.id().equals(text)) {
                            return word;
                        }
                    }
                    throw node.wrong("should be one of " + told + ", not \"" + text + "\"");
                },
                word -> asWritten(word.id()));
    }

    /** The words true and false are truth values to programs that read YAML or JSON. */
    private static Object asWritten(String id) {
        return switch (id) {
            case "true" -> true;
            case "false" -> false;
            default -> id;
        };
    }

    /** A schema of these keywords, in this order. */
    public static Map<String, Object> schema(Object... keywordsAndValues) {
        Map<String, Object> out = new LinkedHashMap<>();
        for (int i = 0; i < keywordsAndValues.length; i += 2) {
            out.put(String.valueOf(keywordsAndValues[i]), keywordsAndValues[i + 1]);
        }
        return out;
    }

    /** {@code true} or {@code false}. */
    public static ValueType<Boolean> flag() {
        return new Simple<>(
                schema("type", "boolean"),
                "true or false",
                node -> switch (node.text()) {
                    case "true" -> true;
                    case "false" -> false;
                    default -> throw node.wrong("should be true or false, not \"" + node.text() + "\"");
                },
                value -> value);
    }

    /** Words as they are written. */
    public static ValueType<String> text() {
        return new Simple<>(schema("type", "string", "minLength", 1), "text", DataNode::text, value -> value);
    }

    /** Values of one type, at least one of them. */
    public static <T> ValueType<List<T>> list(ValueType<T> of) {
        return new Simple<>(
                schema("type", "array", "items", of.schema(), "minItems", 1),
                "list: " + of.told(),
                node -> {
                    List<T> out = new ArrayList<>();
                    node.items().forEach(item -> out.add(of.read(item)));
                    if (out.isEmpty()) {
                        throw node.wrong("should hold something");
                    }
                    return List.copyOf(out);
                },
                values -> values.stream().map(of::write).toList());
    }

    /** Values of one type by names the guide chooses, in order. */
    public static <T> ValueType<Map<String, T>> named(ValueType<T> of) {
        return new Simple<>(
                schema("type", "object", "additionalProperties", of.schema()),
                "by name: " + of.told(),
                node -> {
                    Map<String, T> out = new LinkedHashMap<>();
                    node.keys().forEach(key -> out.put(key, of.read(node.get(key))));
                    return Collections.unmodifiableMap(out);
                },
                values -> {
                    Map<String, Object> out = new LinkedHashMap<>();
                    values.forEach((key, value) -> out.put(key, of.write(value)));
                    return out;
                });
    }

    /** A word that stands for all there are, or a list; read as an empty list where the word is said. */
    public static <T> ValueType<List<T>> listOr(String all, ValueType<T> of) {
        ValueType<List<T>> list = list(of);
        return new Simple<>(
                schema("anyOf", List.of(schema("const", all), list.schema())),
                all + ", or " + list.told(),
                node -> {
                    if (node.isList()) {
                        return list.read(node);
                    }
                    if (!node.text().equals(all)) {
                        throw node.wrong("should be " + all + " or a list");
                    }
                    return List.of();
                },
                values -> values.isEmpty() ? all : list.write(values));
    }

    /**
     * A value made of named values.
     *
     * @param into the parts of a value, in their order
     */
    public static <T> ValueType<T> made(List<Value<?>> parts, Function<Given, T> from, Function<T, List<?>> into) {
        List<String> told = parts.stream()
                .map(part -> part.name() + " (" + part.type().told() + ")")
                .toList();
        return new Simple<>(
                object(parts),
                "made of " + String.join(", ", told),
                node -> {
                    Given given = Given.read(node, parts, List.of());
                    List<String> missing = given.missing(parts);
                    if (!missing.isEmpty()) {
                        throw node.wrong("lacks " + String.join(", ", missing));
                    }
                    return from.apply(given);
                },
                value -> {
                    Map<String, Object> out = new LinkedHashMap<>();
                    for (int i = 0; i < parts.size(); i++) {
                        Object part = into.apply(value).get(i);
                        if (!part.equals(parts.get(i).otherwise())) {
                            out.put(parts.get(i).name(), parts.get(i).written(part));
                        }
                    }
                    return out;
                });
    }

    static Map<String, Object> object(List<Value<?>> parts) {
        return object(parts, Map.of());
    }

    /**
     * The schema of an object that holds these values.
     *
     * @param besides schemas of what else it holds, by name
     */
    public static Map<String, Object> object(List<Value<?>> parts, Map<String, Object> besides) {
        Map<String, Object> properties = new LinkedHashMap<>(besides);
        parts.forEach(part -> properties.put(part.name(), part.type().schema()));
        return schema("type", "object", "properties", properties, "additionalProperties", false);
    }

    private record Simple<T>(
            Map<String, Object> schema, String told, Function<DataNode, T> reader, Function<T, Object> writer)
            implements ValueType<T> {
        @Override
        public T read(DataNode node) {
            return reader.apply(node);
        }

        @Override
        public Object write(T value) {
            return writer.apply(value);
        }
    }
}
