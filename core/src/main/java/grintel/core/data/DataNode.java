package grintel.core.data;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;

/**
 * A value in a YAML file and the path to it. Every scalar is read as text, so that a course number {@code 0214} or a
 * title {@code No} stays what its writer typed; numbers are made where they are asked for.
 */
public final class DataNode {
    private static final int MOST_CHARACTERS = 1_000_000;
    private static final int DEEPEST = 32;

    private final String path;
    private final @Nullable Object value;

    private DataNode(String path, @Nullable Object value) {
        this.path = path;
        this.value = value;
    }

    /**
     * Reads a YAML document.
     *
     * @param name what to call it in messages
     * @throws DataException when it is no YAML, or none of a sensible size
     */
    public static DataNode parse(String name, String yaml) {
        LoadSettings settings = LoadSettings.builder()
                .setLabel(name)
                .setSchema(new FailsafeSchema())
                .setCodePointLimit(MOST_CHARACTERS)
                .setMaxAliasesForCollections(10)
                .setAllowDuplicateKeys(false)
                .setAllowRecursiveKeys(false)
                .build();
        try {
            return new DataNode(name, check(name, new Load(settings).loadFromString(yaml), 0));
        } catch (YamlEngineException e) {
            throw new DataException(name + " is not readable as YAML: " + firstLine(e.getMessage()));
        }
    }

    /** Reads a YAML resource of the application. */
    public static DataNode resource(Class<?> owner, String name) {
        try (InputStream in = owner.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException("Resource " + name + " is not on the class path");
            }
            return parse(name, new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Where the value stands, for messages. */
    public String path() {
        return path;
    }

    public boolean isMap() {
        return value instanceof Map;
    }

    public boolean isList() {
        return value instanceof List;
    }

    /** Whether there is nothing here. */
    public boolean isMissing() {
        return value == null || value instanceof String text && text.isBlank();
    }

    /** The value under a key; a missing one where there is none. */
    public DataNode get(String key) {
        return new DataNode(path + ": " + key, entries().get(key));
    }

    /** The keys of a map in order; none where nothing is here. */
    public Set<String> keys() {
        return entries().keySet();
    }

    /** The items of a list; none where nothing is here. */
    public List<DataNode> items() {
        if (value == null) {
            return List.of();
        }
        if (!(value instanceof List<?> list)) {
            throw wrong("should be a list");
        }
        List<DataNode> out = new ArrayList<>();
        for (int i = 0; i < list.size(); i++) {
            out.add(new DataNode(path + "[" + (i + 1) + "]", list.get(i)));
        }
        return out;
    }

    /** The text here; where nothing is here, an error. */
    public String text() {
        String text = textOrNull();
        if (text == null) {
            throw wrong("is missing");
        }
        return text;
    }

    /** The text here, or null where nothing is. */
    public @Nullable String textOrNull() {
        if (isMissing()) {
            return null;
        }
        if (value instanceof String text) {
            return text.strip();
        }
        throw wrong("should be plain text");
    }

    /** The items of a list as texts. */
    public List<String> texts() {
        return items().stream().map(DataNode::text).toList();
    }

    /** The whole number here. */
    public int number() {
        String text = text();
        try {
            return Integer.parseInt(text);
        } catch (NumberFormatException e) {
            throw wrong("should be a whole number, not \"" + text + "\"");
        }
    }

    /** {@code true} or {@code false}. */
    public boolean flag() {
        return switch (text()) {
            case "true" -> true;
            case "false" -> false;
            default -> throw wrong("should be true or false, not \"" + text() + "\"");
        };
    }

    /** An error at this place. */
    public DataException wrong(String what) {
        return new DataException(path + " " + what + ".");
    }

    private Map<String, Object> entries() {
        if (value == null) {
            return Map.of();
        }
        if (!(value instanceof Map<?, ?> map)) {
            throw wrong("should hold named values");
        }
        Map<String, Object> out = new LinkedHashMap<>();
        for (Map.Entry<?, ?> entry : map.entrySet()) {
            out.put(String.valueOf(entry.getKey()), entry.getValue());
        }
        return out;
    }

    private static @Nullable Object check(String name, @Nullable Object value, int depth) {
        if (depth > DEEPEST) {
            throw new DataException(name + " is nested too deeply.");
        }
        if (value instanceof Map<?, ?> map) {
            map.values().forEach(each -> check(name, each, depth + 1));
        } else if (value instanceof List<?> list) {
            list.forEach(each -> check(name, each, depth + 1));
        }
        return value;
    }

    private static String firstLine(@Nullable String message) {
        return message == null
                ? "it cannot be parsed"
                : message.lines().findFirst().orElse("it cannot be parsed");
    }
}
