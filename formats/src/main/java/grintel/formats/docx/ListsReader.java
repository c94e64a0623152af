package grintel.formats.docx;

import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.NumberFormat;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads the part with the lists (ISO 29500-1 §17.9). */
final class ListsReader {
    private ListsReader() {}

    static Lists read(@Nullable XmlDocument part, PropertyReader properties) {
        if (part == null) {
            return Lists.NONE;
        }
        Map<Integer, List<ListLevel>> definitions = new HashMap<>();
        for (XmlElement element : part.root().children("abstractNum")) {
            Integer id = Values.integer(element.attribute("abstractNumId"));
            if (id != null) {
                definitions.put(id, levels(element, properties));
            }
        }
        Map<Integer, Lists.Definition> lists = new LinkedHashMap<>();
        for (XmlElement element : part.root().children("num")) {
            Integer id = Values.integer(element.attribute("numId"));
            XmlElement reference = element.child("abstractNumId");
            Integer shared = reference == null ? null : Values.integer(reference.attribute("val"));
            List<ListLevel> levels = shared == null ? null : definitions.get(shared);
            if (id != null && shared != null && levels != null) {
                lists.put(id, list(shared, levels, element, properties));
            }
        }
        return new Lists(lists);
    }

    private static Lists.Definition list(
            int shared, List<ListLevel> defined, XmlElement element, PropertyReader properties) {
        List<ListLevel> levels = new ArrayList<>(defined);
        Map<Integer, Integer> starts = new HashMap<>();
        for (XmlElement override : element.children("lvlOverride")) {
            Integer at = Values.integer(override.attribute("ilvl"));
            if (at == null || at < 0 || at >= Lists.LEVELS) {
                continue;
            }
            XmlElement level = override.child("lvl");
            if (level != null) {
                levels.set(at, level(level, properties));
            }
            XmlElement start = override.child("startOverride");
            Integer value = start == null ? null : Values.integer(start.attribute("val"));
            if (value != null) {
                starts.put(at, value);
            }
        }
        return new Lists.Definition(shared, levels, starts);
    }

    private static List<ListLevel> levels(XmlElement definition, PropertyReader properties) {
        List<ListLevel> levels = new ArrayList<>(Collections.nCopies(Lists.LEVELS, ListLevel.EMPTY));
        for (XmlElement element : definition.children("lvl")) {
            Integer at = Values.integer(element.attribute("ilvl"));
            if (at != null && at >= 0 && at < Lists.LEVELS) {
                levels.set(at, level(element, properties));
            }
        }
        return levels;
    }

    private static ListLevel level(XmlElement element, PropertyReader properties) {
        Integer start = value(element, "start") == null ? null : Values.integer(value(element, "start"));
        NumberFormat format = PropertyReader.numberFormat(value(element, "numFmt"));
        String text = value(element, "lvlText");
        String suffix = value(element, "suff");
        String style = value(element, "pStyle");
        return new ListLevel(
                start == null ? 0 : start,
                format == null ? NumberFormat.DECIMAL : format,
                text == null ? "" : SymbolFaces.bullet(text),
                suffix == null ? "tab" : suffix,
                style == null ? "" : style,
                PropertyReader.paragraph(element.child("pPr")),
                properties.characters(element.child("rPr")));
    }

    private static @Nullable String value(XmlElement element, String name) {
        XmlElement child = element.child(name);
        return child == null ? null : child.attribute("val");
    }
}
