package grintel.core.typeset;

import grintel.core.data.DataNode;
import java.io.IOException;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The shipped faces, and which of them a face asked for by name is set in. Safe for use by several threads. */
public final class FaceCatalogue {
    private static final FaceCatalogue SHIPPED = new FaceCatalogue();
    private static final String TYPEWRITER = "LiberationMono";

    private final Map<String, Choice> byName = new LinkedHashMap<>();
    private final Map<String, Line> lines = new LinkedHashMap<>();
    private final Map<String, String> names = new LinkedHashMap<>();
    private final List<Likely> likely = new ArrayList<>();
    private final List<String> fallback;
    private final Map<String, FaceMetrics> loaded = new ConcurrentHashMap<>();
    private final Map<String, Choice> chosen = new ConcurrentHashMap<>();

    private FaceCatalogue() {
        DataNode data = DataNode.resource(FaceCatalogue.class, "faces.yaml");
        for (DataNode family : data.get("families").items()) {
            String id = family.get("id").text();
            names.put(id, family.get("name").text());
            family.get("exact").texts().forEach(name -> byName.put(key(name), new Choice(id, true)));
            family.get("approximate").texts().forEach(name -> byName.put(key(name), new Choice(id, false)));
            DataNode line = family.get("line");
            lines.put(
                    id,
                    line.isMissing()
                            ? Line.OF_FILE
                            : new Line(
                                    line.get("ascent").number(),
                                    line.get("descent").number(),
                                    line.get("gap").number(),
                                    line.get("unitsPerEm").number()));
        }
        for (DataNode each : data.get("likely").items()) {
            likely.add(new Likely(each.get("words").texts(), each.get("id").text()));
        }
        fallback = data.get("fallback").texts();
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

    /** Whether all letters of a face are equally wide, as a typewriter's are. */
    public boolean isFixedWidth(String name) {
        return choose(name).family().equals(TYPEWRITER);
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

    /** The name a shipped family goes by. */
    public String name(String family) {
        return names.getOrDefault(family, family);
    }

    /** Opens the TrueType file of a shipped face. */
    public static InputStream open(String file) throws IOException {
        InputStream in = FaceCatalogue.class.getResourceAsStream("fonts/" + file + ".ttf");
        if (in == null) {
            throw new IOException("No face " + file + " is shipped");
        }
        return in;
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
