package grintel.formats.docx;

import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
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
