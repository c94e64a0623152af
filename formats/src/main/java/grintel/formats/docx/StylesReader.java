package grintel.formats.docx;

import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads the part with the styles. */
final class StylesReader {
    private StylesReader() {}

    static StyleSheet read(@Nullable XmlDocument part, PropertyReader properties) {
        if (part == null) {
            return StyleSheet.EMPTY;
        }
        XmlElement root = part.root();
        XmlElement defaults = root.child("docDefaults");
        PropertySet paragraph = PropertySet.empty();
        PropertySet character = PropertySet.empty();
        if (defaults != null) {
            paragraph = PropertyReader.paragraph(inner(defaults.child("pPrDefault"), "pPr"));
            character = properties.characters(inner(defaults.child("rPrDefault"), "rPr"));
        }
        List<Style> styles = new ArrayList<>();
        for (XmlElement element : root.children("style")) {
            String id = element.attribute("styleId");
            if (id != null) {
                styles.add(style(element, id, properties));
            }
        }
        return new StyleSheet(paragraph, character, styles);
    }

    /** The elements of the table styles by their ids, for the looks of cells that {@link Style} leaves out. */
    static Map<String, XmlElement> tableStyles(@Nullable XmlDocument part) {
        Map<String, XmlElement> out = new HashMap<>();
        if (part != null) {
            for (XmlElement element : part.root().children("style")) {
                String id = element.attribute("styleId");
                if (id != null && "table".equals(element.attribute("type"))) {
                    out.putIfAbsent(id, element);
                }
            }
        }
        return out;
    }

    /** Tag of the language the defaults or the standard style name; empty where they name none. */
    static String language(@Nullable XmlDocument part) {
        if (part == null) {
            return "";
        }
        XmlElement root = part.root();
        String said = language(inner(inner(root.child("docDefaults"), "rPrDefault"), "rPr"));
        for (XmlElement element : root.children("style")) {
            if ("paragraph".equals(element.attribute("type")) && element.attribute("default") != null) {
                String own = language(element.child("rPr"));
                said = own.isEmpty() ? said : own;
            }
        }
        return said;
    }

    private static String language(@Nullable XmlElement properties) {
        XmlElement language = inner(properties, "lang");
        String tag = language == null ? null : language.attribute("val");
        return tag == null || !tag.matches("[A-Za-z]{2,3}(-[A-Za-z0-9]{2,8})*") ? "" : tag;
    }

    private static Style style(XmlElement element, String id, PropertyReader properties) {
        Style.Kind kind = switch (String.valueOf(element.attribute("type"))) {
            case "character" -> Style.Kind.CHARACTER;
            case "table" -> Style.Kind.TABLE;
            case "numbering" -> Style.Kind.NUMBERING;
            default -> Style.Kind.PARAGRAPH;
        };
        String name = value(element, "name");
        String standard = element.attribute("default");
        return new Style(
                id,
                name == null ? id : name,
                kind,
                value(element, "basedOn"),
                value(element, "link"),
                standard != null && (standard.equals("1") || standard.equals("true") || standard.equals("on")),
                PropertyReader.paragraph(element.child("pPr")),
                properties.characters(element.child("rPr")));
    }

    private static @Nullable String value(XmlElement style, String name) {
        XmlElement child = style.child(name);
        return child == null ? null : child.attribute("val");
    }

    private static @Nullable XmlElement inner(@Nullable XmlElement element, String name) {
        return element == null ? null : element.child(name);
    }
}
