package grintel.cli;

import java.io.StringWriter;
import java.util.function.Consumer;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/** Writes one JSON object on one line. */
final class Json {
    private static final JsonFactory FACTORY = new JsonFactory();

    private Json() {}

    static String object(Consumer<JsonGenerator> content) {
        StringWriter out = new StringWriter();
        try (JsonGenerator json = FACTORY.createGenerator(ObjectWriteContext.empty(), out)) {
            json.writeStartObject();
            content.accept(json);
            json.writeEndObject();
        }
        return out.toString();
    }

    static void strings(JsonGenerator json, String name, Iterable<String> values) {
        json.writeArrayPropertyStart(name);
        values.forEach(json::writeString);
        json.writeEndArray();
    }
}
