package grintel.core.table;

import grintel.core.data.DataNode;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What programs of statistics call what they print, as a file of names tells. */
final class PrintedNames {
    private static final DataNode NAMES = DataNode.resource(PrintedNames.class, "printed-names.yaml");
    private static final Map<OutputColumn, Pattern> COLUMNS = columns();

    /** The row of a test that takes variances for equal. */
    static final Pattern EQUAL = row("equal");

    /** The row of a test that does not. */
    static final Pattern UNEQUAL = row("unequal");

    /** The row of a correlation in a square of them. */
    static final Pattern CORRELATION = row("correlation");

    /** The row of its probability. */
    static final Pattern PROBABILITY = row("probability");

    private PrintedNames() {}

    private static Map<OutputColumn, Pattern> columns() {
        Map<OutputColumn, Pattern> out = new EnumMap<>(OutputColumn.class);
        DataNode columns = NAMES.get("columns");
        Arrays.stream(OutputColumn.values())
                .forEach(column -> out.put(
                        column,
                        any(columns.get(column.name().toLowerCase(Locale.ROOT).replace('_', '-')))));
        return out;
    }

    private static Pattern row(String name) {
        return any(NAMES.get("rows").get(name));
    }

    private static Pattern any(DataNode names) {
        return Pattern.compile("(?iu:" + String.join("|", names.texts()) + ")");
    }

    /** The column of a name, null for one that no program gives. */
    static @Nullable OutputColumn column(String head) {
        String name = head.strip();
        String bare = name.replaceAll("[*†a]?$", "");
        for (Map.Entry<OutputColumn, Pattern> each : COLUMNS.entrySet()) {
            if (each.getValue().matcher(bare).matches()
                    || each.getValue().matcher(name).matches()) {
                return each.getKey();
            }
        }
        return null;
    }
}
