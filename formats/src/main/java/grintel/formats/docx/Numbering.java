package grintel.formats.docx;

import grintel.core.paper.NumberFormat;
import grintel.core.paper.PropertySet;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.HashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The lists of a file (ISO 29500-1 §17.9) and how far each has counted. */
final class Numbering {
    static final int LEVELS = 9;

    private final Map<Integer, Integer> abstractOf = new HashMap<>();
    private final Map<Integer, Level[]> levels = new HashMap<>();
    private final Map<Integer, Map<Integer, Integer>> startOverrides = new HashMap<>();
    private final Map<Integer, int[]> counts = new HashMap<>();
    private final Map<Integer, Boolean> begun = new HashMap<>();

    private Numbering() {}

    static Numbering read(@Nullable XmlDocument part, PropertyReader properties) {
        Numbering out = new Numbering();
        if (part == null) {
            return out;
        }
        Map<Integer, Level[]> definitions = new HashMap<>();
        for (XmlElement element : part.root().children("abstractNum")) {
            Integer id = Values.integer(element.attribute("abstractNumId"));
            if (id != null) {
                definitions.put(id, levels(element, properties));
            }
        }
        for (XmlElement element : part.root().children("num")) {
            Integer id = Values.integer(element.attribute("numId"));
            XmlElement reference = element.child("abstractNumId");
            Integer definition = reference == null ? null : Values.integer(reference.attribute("val"));
            if (id != null && definition != null && definitions.get(definition) != null) {
                out.addList(id, definition, definitions.get(definition), element, properties);
            }
        }
        return out;
    }

    private void addList(
            int id, int definition, Level @Nullable [] defined, XmlElement element, PropertyReader properties) {
        if (defined == null) {
            return;
        }
        Level[] own = defined.clone();
        for (XmlElement override : element.children("lvlOverride")) {
            Integer at = Values.integer(override.attribute("ilvl"));
            if (at == null || at < 0 || at >= LEVELS) {
                continue;
            }
            XmlElement level = override.child("lvl");
            if (level != null) {
                own[at] = level(level, properties);
            }
            XmlElement start = override.child("startOverride");
            Integer value = start == null ? null : Values.integer(start.attribute("val"));
            if (value != null) {
                startOverrides.computeIfAbsent(id, key -> new HashMap<>()).put(at, value);
            }
        }
        abstractOf.put(id, definition);
        levels.put(id, own);
    }

    private static Level[] levels(XmlElement definition, PropertyReader properties) {
        Level[] levels = new Level[LEVELS];
        for (int i = 0; i < LEVELS; i++) {
            levels[i] = Level.EMPTY;
        }
        for (XmlElement element : definition.children("lvl")) {
            Integer at = Values.integer(element.attribute("ilvl"));
            if (at != null && at >= 0 && at < LEVELS) {
                levels[at] = level(element, properties);
            }
        }
        return levels;
    }

    private static Level level(XmlElement element, PropertyReader properties) {
        Integer start = value(element, "start") == null ? null : Values.integer(value(element, "start"));
        NumberFormat format = PropertyReader.numberFormat(value(element, "numFmt"));
        String text = value(element, "lvlText");
        String suffix = value(element, "suff");
        String style = value(element, "pStyle");
        return new Level(
                start == null ? 0 : start,
                format == null ? NumberFormat.DECIMAL : format,
                text == null ? "" : text,
                suffix == null ? "tab" : suffix,
                style == null ? "" : style,
                PropertyReader.paragraph(element.child("pPr")),
                properties.characters(element.child("rPr")));
    }

    private static @Nullable String value(XmlElement element, String name) {
        XmlElement child = element.child(name);
        return child == null ? null : child.attribute("val");
    }

    /** The level of a list, or null where the file does not define it. */
    @Nullable
    Level level(int list, int level) {
        Level[] all = levels.get(list);
        return all == null || level < 0 || level >= LEVELS ? null : all[level];
    }

    /** The level that names a paragraph style, or 0. */
    int levelOfStyle(int list, String style) {
        Level[] all = levels.get(list);
        for (int i = 0; all != null && i < LEVELS; i++) {
            if (all[i].style().equals(style)) {
                return i;
            }
        }
        return 0;
    }

    /** Counts one paragraph on and gives its number or bullet as it stands. */
    String next(int list, int level) {
        Level[] all = levels.get(list);
        Integer definition = abstractOf.get(list);
        if (all == null || definition == null) {
            return "";
        }
        int[] count = counts.computeIfAbsent(definition, key -> new int[] {-1, -1, -1, -1, -1, -1, -1, -1, -1});
        if (begun.putIfAbsent(list, true) == null) {
            Map<Integer, Integer> starts = startOverrides.getOrDefault(list, Map.of());
            starts.forEach((at, start) -> count[at] = start - 1);
        }
        for (int i = 0; i <= level; i++) {
            if (count[i] < 0) {
                count[i] = i == level ? all[i].start() - 1 : all[i].start();
            }
        }
        count[level]++;
        for (int i = level + 1; i < LEVELS; i++) {
            count[i] = -1;
        }
        return label(all, level, count);
    }

    private static String label(Level[] all, int level, int[] count) {
        Level own = all[level];
        if (own.format() == NumberFormat.BULLET) {
            return own.text();
        }
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < own.text().length(); i++) {
            char c = own.text().charAt(i);
            boolean reference = c == '%'
                    && i + 1 < own.text().length()
                    && Character.isDigit(own.text().charAt(i + 1));
            if (reference) {
                int at = own.text().charAt(++i) - '1';
                if (at >= 0 && at < LEVELS) {
                    out.append(all[at].format().format(Math.max(0, count[at])));
                }
            } else {
                out.append(c);
            }
        }
        return out.toString();
    }

    /**
     * A level of a list.
     *
     * @param text the label, with {@code %1} to {@code %9} for the numbers of the levels
     * @param style id of the paragraph style tied to the level, or empty
     */
    record Level(
            int start,
            NumberFormat format,
            String text,
            String suffix,
            String style,
            PropertySet paragraph,
            PropertySet character) {
        static final Level EMPTY =
                new Level(0, NumberFormat.DECIMAL, "", "tab", "", PropertySet.empty(), PropertySet.empty());
    }
}
