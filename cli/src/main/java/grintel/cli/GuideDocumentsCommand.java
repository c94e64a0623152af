package grintel.cli;

import grintel.core.guide.GuideSchema;
import java.io.IOException;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.PrettyPrinter;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.core.util.DefaultPrettyPrinter;

/** Writes how guides and house rules are written: their schemas and the table of values. The build calls it. */
@Command(name = "guide-documents", hidden = true)
final class GuideDocumentsCommand implements Callable<Integer> {
    private static final String START = "<!-- rules: written by the build -->";
    private static final String END = "<!-- end of rules -->";

    @Parameters(index = "0", paramLabel = "FOLDER")
    private Path folder = Path.of("");

    @Option(names = "--readme", paramLabel = "FILE", description = "a file whose table of rules is kept current")
    private @Nullable Path readme;

    @Override
    public Integer call() throws IOException {
        Files.createDirectories(folder);
        for (Map.Entry<String, String> document : documents().entrySet()) {
            Path file = folder.resolve(document.getKey());
            if (!Files.exists(file) || !Files.readString(file).equals(document.getValue())) {
                Files.writeString(file, document.getValue());
            }
        }
        if (readme != null) {
            Files.writeString(readme, withRules(Files.readString(readme)));
        }
        return Main.DONE;
    }

    /** A text with the table of rules between its two marks. */
    static String withRules(String text) {
        int from = text.indexOf(START);
        int to = text.indexOf(END);
        if (from < 0 || to < from) {
            throw new IllegalStateException("There is no place for the table of rules");
        }
        return text.substring(0, from + START.length()) + "\n\n" + RuleTable.markdown() + "\n" + text.substring(to);
    }

    /** The documents by file name. */
    static Map<String, String> documents() {
        return Map.of(
                "guide.schema.json", json(GuideSchema.guide()),
                "house-rules.schema.json", json(GuideSchema.houseRules()),
                "values.md", GuideSchema.table());
    }

    private static String json(Map<String, Object> schema) {
        StringWriter out = new StringWriter();
        ObjectWriteContext pretty = new ObjectWriteContext.Base() {
            @Override
            public PrettyPrinter getPrettyPrinter() {
                return new DefaultPrettyPrinter();
            }

            @Override
            public boolean hasPrettyPrinter() {
                return true;
            }
        };
        try (JsonGenerator json = new JsonFactory().createGenerator(pretty, out)) {
            write(schema, json);
        }
        return out.append('\n').toString();
    }

    private static void write(Object value, JsonGenerator json) {
        if (value instanceof Map<?, ?> map) {
            json.writeStartObject();
            map.forEach((key, each) -> {
                json.writeName(String.valueOf(key));
                write(each, json);
            });
            json.writeEndObject();
        } else if (value instanceof Iterable<?> items) {
            json.writeStartArray();
            items.forEach(item -> write(item, json));
            json.writeEndArray();
        } else if (value instanceof Integer number) {
            json.writeNumber(number);
        } else if (value instanceof Boolean flag) {
            json.writeBoolean(flag);
        } else {
            json.writeString(String.valueOf(value));
        }
    }
}
