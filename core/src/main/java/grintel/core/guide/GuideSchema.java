package grintel.core.guide;

import grintel.core.guide.demand.Demand;
import grintel.core.guide.demand.Demands;
import grintel.core.guide.value.Value;
import grintel.core.guide.value.ValueTypes;
import grintel.core.guide.value.Worded;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** How guide files and house rules are written, told to programs (JSON Schema) and to people (a table). */
public final class GuideSchema {
    private static final Map<String, Object> TEXT = ValueTypes.schema("type", "string", "minLength", 1);

    private GuideSchema() {}

    /** The schema of a guide file. */
    public static Map<String, Object> guide() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("id", ValueTypes.schema("type", "string", "pattern", "^[a-z0-9-]+$"));
        properties.put("name", TEXT);
        properties.put("also", ValueTypes.schema("type", "array", "items", TEXT));
        properties.put("summary", TEXT);
        properties.put("source", TEXT);
        properties.put("extends", ValueTypes.schema("type", "string", "pattern", "^[a-z0-9-]+$"));
        properties.put("rules", rules());
        return document("A style guide", properties, List.of("id", "name", "summary", "source", "rules"));
    }

    /** The schema of a file of house rules. */
    public static Map<String, Object> houseRules() {
        Map<String, Object> properties = new LinkedHashMap<>();
        properties.put("name", TEXT);
        properties.put("guide", TEXT);
        properties.put("rules", rules());
        return document("House rules", properties, List.of("rules"));
    }

    private static Map<String, Object> document(String title, Map<String, Object> properties, List<String> required) {
        return ValueTypes.schema(
                "$schema",
                "https://json-schema.org/draft/2020-12/schema",
                "title",
                title,
                "type",
                "object",
                "required",
                required,
                "additionalProperties",
                false,
                "properties",
                properties);
    }

    private static Map<String, Object> rules() {
        List<String> weights = Arrays.stream(Weight.values()).map(Weight::id).toList();
        Map<String, Object> every = new LinkedHashMap<>();
        every.put("weight", ValueTypes.schema("enum", weights));
        every.put("source", TEXT);
        Map<String, Object> rules = new LinkedHashMap<>();
        for (Demand demand : Demands.all()) {
            rules.put(demand.rule(), ValueTypes.object(demand.values(), every));
        }
        return ValueTypes.schema("type", "object", "properties", rules, "additionalProperties", false);
    }

    /** A table of all rules and their values, in Markdown. */
    public static String table() {
        StringBuilder out = new StringBuilder("""
                # Rules and their values

                What a guide file, or a file of house rules, can say of each rule. Beside its values every rule takes
                `weight` (required, advised, not-asked; required where a guide says nothing) and `source`.
                Put right: S looks and white space, T words of the apparatus, A asks first, – the writer's own work.
                This table is made from the declarations in `grintel.core.guide.demand`.

                | rule | put right | value | type and range | without it | meaning |
                |---|---|---|---|---|---|
                """);
        for (Demand demand : Demands.all()) {
            String fix = demand.fix().sign();
            if (demand.values().isEmpty()) {
                row(out, "`" + demand.rule() + "`", fix, "", "", "", "");
            }
            for (Value<?> value : demand.values()) {
                String without = value.isNeeded() ? "must be given" : told(value.otherwise());
                row(
                        out,
                        "`" + demand.rule() + "`",
                        fix,
                        "`" + value.name() + "`",
                        value.type().told(),
                        without,
                        value.about());
            }
        }
        return out.toString();
    }

    private static String told(@Nullable Object otherwise) {
        if (otherwise == null) {
            return "not asked";
        }
        if (otherwise instanceof Worded word) {
            return word.id();
        }
        return otherwise instanceof Map<?, ?> map && map.isEmpty() ? "none" : String.valueOf(otherwise);
    }

    private static void row(StringBuilder out, String... cells) {
        out.append("| ").append(String.join(" | ", cells)).append(" |\n");
    }
}
