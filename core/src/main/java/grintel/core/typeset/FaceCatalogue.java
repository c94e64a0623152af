package grintel.core.typeset;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.snakeyaml.engine.v2.api.Load;
import org.snakeyaml.engine.v2.api.LoadSettings;

/** The shipped faces, and which of them a face asked for by name is set in. Safe for use by several threads. */
public final class FaceCatalogue {
    private static final FaceCatalogue SHIPPED = new FaceCatalogue();

    private final Map<String, Choice> byName = new LinkedHashMap<>();
    private final Map<String, Line> lines = new LinkedHashMap<>();
    private final List<Likely> likely = new ArrayList<>();
    private final List<String> fallback;
    private final Map<String, FaceMetrics> loaded = new ConcurrentHashMap<>();
    private final Map<String, Choice> chosen = new ConcurrentHashMap<>();

    @SuppressWarnings("unchecked") // the shape of our own resource, read in full by the tests
    private FaceCatalogue() {
        Map<String, Object> data = readResource();
        for (Map<String, Object> family : (List<Map<String, Object>>) data.get("families")) {
            String id = (String) family.get("id");
            for (String name : (List<String>) family.get("exact")) {
                byName.put(key(name), new Choice(id, true));
            }
            for (String name : (List<String>) family.get("approximate")) {
                byName.put(key(name), new Choice(id, false));
            }
            Map<String, Integer> line = (Map<String, Integer>) family.getOrDefault("line", Map.of());
            lines.put(
                    id,
                    line.isEmpty()
                            ? Line.OF_FILE
                            : new Line(
                                    line.get("ascent"), line.get("descent"), line.get("gap"), line.get("unitsPerEm")));
        }
        for (Map<String, Object> each : (List<Map<String, Object>>) data.get("likely")) {
            likely.add(new Likely((List<String>) each.get("words"), (String) each.get("id")));
        }
        fallback = List.copyOf((List<String>) data.get("fallback"));
    }

    /** The faces shipped with the application. */
    public static FaceCatalogue shipped() {
        return SHIPPED;
    }

    /** The family a face is set in. */
    public Choice choose(String name) {
        return chosen.computeIfAbsent(name, asked -> {
            Choice known = byName.get(key(asked));
            if (known != null) {
                return known;
            }
            String lower = asked.toLowerCase(Locale.ROOT);
            for (Likely each : likely) {
                if (each.words.isEmpty() || each.words.stream().anyMatch(lower::contains)) {
                    return new Choice(each.id, false);
                }
            }
            throw new IllegalStateException("faces.yaml has no last resort");
        });
    }

    /** The metrics of a family in a weight and slant. */
    public FaceMetrics metrics(String family, boolean bold, boolean italic) {
        String style = bold ? italic ? "BoldItalic" : "Bold" : italic ? "Italic" : "Regular";
        return loaded.computeIfAbsent(
                family + "-" + style, file -> FaceMetrics.load(file, lines.getOrDefault(family, Line.OF_FILE)));
    }

    /** Families to ask for a character a face lacks, in order. */
    List<String> fallback() {
        return fallback;
    }

    /** The ids of the shipped families. */
    public List<String> families() {
        return List.copyOf(lines.keySet());
    }

    /** Opens the TrueType file of a shipped face. */
    public static InputStream open(String file) throws IOException {
        InputStream in = FaceCatalogue.class.getResourceAsStream("fonts/" + file + ".ttf");
        if (in == null) {
            throw new IOException("No face " + file + " is shipped");
        }
        return in;
    }

    @SuppressWarnings("unchecked")
    private static Map<String, Object> readResource() {
        try (InputStream in = FaceCatalogue.class.getResourceAsStream("faces.yaml")) {
            if (in == null) {
                throw new IllegalStateException("faces.yaml is not on the class path");
            }
            return (Map<String, Object>) new Load(LoadSettings.builder().build()).loadFromInputStream(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String key(String name) {
        return name.strip().toLowerCase(Locale.ROOT);
    }

    /**
     * What a face is set in.
     *
     * @param family id of a shipped family
     * @param exact whether its widths are those of the face asked for
     */
    public record Choice(String family, boolean exact) {}

    /** The parts of a face's line in units of its em; all zero where the shipped file's own hold. */
    record Line(int ascent, int descent, int gap, int unitsPerEm) {
        static final Line OF_FILE = new Line(0, 0, 0, 0);

        boolean isGiven() {
            return unitsPerEm > 0;
        }
    }

    private record Likely(List<String> words, String id) {}
}
