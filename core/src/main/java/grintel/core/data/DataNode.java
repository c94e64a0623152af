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
import org.snakeyaml.engine.v2.api.LoadSettings;
import org.snakeyaml.engine.v2.api.lowlevel.Compose;
import org.snakeyaml.engine.v2.api.lowlevel.Parse;
import org.snakeyaml.engine.v2.events.Event;
import org.snakeyaml.engine.v2.exceptions.YamlEngineException;
import org.snakeyaml.engine.v2.nodes.MappingNode;
import org.snakeyaml.engine.v2.nodes.Node;
import org.snakeyaml.engine.v2.nodes.NodeTuple;
import org.snakeyaml.engine.v2.nodes.ScalarNode;
import org.snakeyaml.engine.v2.nodes.SequenceNode;
import org.snakeyaml.engine.v2.schema.FailsafeSchema;

/**
 * A value in a YAML file, the path to it and the line it stands on. Every scalar is read as text, so that a course
 * number {@code 0214} or a title {@code No} stays what its writer typed; numbers are made where they are asked for.
 */
public final class DataNode {
    private static final int MOST_CHARACTERS = 1_000_000;
    private static final int DEEPEST = 32;

    private final String file;
    private final String path;
    private final int line;
    private final @Nullable Node value;

    private DataNode(String file, String path, int line, @Nullable Node value) {
        this.file = file;
        this.path = path;
        this.line = line;
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
                .build();
        try {
            check(name, settings, yaml);
            return new DataNode(
                    name, "", 1, new Compose(settings).composeString(yaml).orElse(null));
        } catch (YamlEngineException e) {
            throw new DataException(name + " is not readable as YAML: " + firstLine(e.getMessage()));
        }
    }

    /** Goes over the document piece by piece first, for what builds it up goes as deep as it is nested. */
    private static void check(String name, LoadSettings settings, String yaml) {
        int depth = 0;
        for (Event event : new Parse(settings).parseString(yaml)) {
            switch (event.getEventId()) {
                case MappingStart, SequenceStart -> depth++;
                case MappingEnd, SequenceEnd -> depth--;
                case Alias -> throw new DataException(name + " refers to itself; every value is written out here.");
                default -> {}
            }
            if (depth > DEEPEST) {
                throw new DataException(name + " is nested too deeply.");
            }
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

    public boolean isMap() {
        return value instanceof MappingNode;
    }

    public boolean isList() {
        return value instanceof SequenceNode;
    }

    /** Whether there is nothing here. */
    public boolean isMissing() {
        return value == null
                || value instanceof ScalarNode scalar && scalar.getValue().isBlank();
    }

    /** The value under a key; a missing one where there is none. */
    public DataNode get(String key) {
        return new DataNode(
                file,
                path.isEmpty() ? key : path + ": " + key,
                lineOf(key),
                entries().get(key));
    }

    private int lineOf(String key) {
        Node at = entries().get(key);
        return at == null ? line : lineOf(at);
    }

    private int lineOf(Node node) {
        return node.getStartMark().map(mark -> mark.getLine() + 1).orElse(line);
    }

    /** The keys of a map in order; none where nothing is here. */
    public Set<String> keys() {
        return entries().keySet();
    }

    /** The items of a list; none where nothing is here. */
    public List<DataNode> items() {
        if (isMissing()) {
            return List.of();
        }
        if (!(value instanceof SequenceNode list)) {
            throw wrong("should be a list");
        }
        List<DataNode> out = new ArrayList<>();
        for (Node item : list.getValue()) {
            out.add(new DataNode(file, path + "[" + (out.size() + 1) + "]", lineOf(item), item));
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
        if (value instanceof ScalarNode scalar) {
            return scalar.getValue().strip();
        }
        throw wrong("should be plain text");
    }

    /** The items of a list as texts. */
    public List<String> texts() {
        return items().stream().map(DataNode::text).toList();
    }

    /** All that is here as plain data, every scalar a text; null where nothing is. */
    public @Nullable Object plain() {
        if (isMissing()) {
            return null;
        }
        if (isList()) {
            return items().stream().map(DataNode::plain).toList();
        }
        if (!isMap()) {
            return text();
        }
        Map<String, @Nullable Object> out = new LinkedHashMap<>();
        keys().forEach(key -> out.put(key, get(key).plain()));
        return out;
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

    /** An error at this place. */
    public DataException wrong(String what) {
        return new DataException(
                file + ", line " + line + ": " + (path.isEmpty() ? "the file" : path) + " " + what + ".");
    }

    private Map<String, Node> entries() {
        if (isMissing()) {
            return Map.of();
        }
        if (!(value instanceof MappingNode map)) {
            throw wrong("should hold named values");
        }
        Map<String, Node> out = new LinkedHashMap<>();
        for (NodeTuple tuple : map.getValue()) {
            if (!(tuple.getKeyNode() instanceof ScalarNode key)) {
                throw wrong("has a name that is no plain text");
            }
            if (out.put(key.getValue(), tuple.getValueNode()) != null) {
                throw new DataException(file + ", line " + lineOf(key) + ": \"" + key.getValue() + "\" is said twice.");
            }
        }
        return out;
    }

    private static String firstLine(@Nullable String message) {
        return message == null
                ? "it cannot be parsed"
                : message.lines().findFirst().orElse("it cannot be parsed");
    }
}
