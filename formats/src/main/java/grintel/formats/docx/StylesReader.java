package grintel.formats.docx;

import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.paper.TableCondition;
import grintel.core.paper.TableLayer;
import grintel.formats.xml.XmlDocument;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads the part with the styles. */
final class StylesReader {
    /** The names of the conditions in the mark-up (§17.18.89). */
    static final Map<String, TableCondition> CONDITIONS = Map.ofEntries(
            Map.entry("band1Vert", TableCondition.ODD_COLUMN_BAND),
            Map.entry("band2Vert", TableCondition.EVEN_COLUMN_BAND),
            Map.entry("band1Horz", TableCondition.ODD_ROW_BAND),
            Map.entry("band2Horz", TableCondition.EVEN_ROW_BAND),
            Map.entry("firstRow", TableCondition.FIRST_ROW),
            Map.entry("lastRow", TableCondition.LAST_ROW),
            Map.entry("firstCol", TableCondition.FIRST_COLUMN),
            Map.entry("lastCol", TableCondition.LAST_COLUMN),
            Map.entry("nwCell", TableCondition.TOP_LEFT),
            Map.entry("neCell", TableCondition.TOP_RIGHT),
            Map.entry("swCell", TableCondition.BOTTOM_LEFT),
            Map.entry("seCell", TableCondition.BOTTOM_RIGHT));

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
        return new Style(
                id,
                name == null ? id : name,
                kind,
                value(element, "basedOn"),
                value(element, "link"),
                value(element, "next"),
                isStandard(element),
                PropertyReader.paragraph(element.child("pPr")),
                properties.characters(element.child("rPr")),
                kind == Style.Kind.TABLE ? tableLayers(element, properties) : Map.of());
    }

    /** Whether a style holds where the text names none of its kind. */
    static boolean isStandard(XmlElement style) {
        String standard = style.attribute("default");
        return standard != null && (standard.equals("1") || standard.equals("true") || standard.equals("on"));
    }

    private static Map<TableCondition, TableLayer> tableLayers(XmlElement style, PropertyReader properties) {
        Map<TableCondition, TableLayer> out = new EnumMap<>(TableCondition.class);
        out.put(TableCondition.WHOLE, tableLayer(style, properties));
        for (XmlElement each : style.children("tblStylePr")) {
            TableCondition condition = CONDITIONS.get(String.valueOf(each.attribute("type")));
            if (condition != null) {
                out.put(condition, tableLayer(each, properties));
            }
        }
        return out;
    }

    private static TableLayer tableLayer(XmlElement element, PropertyReader properties) {
        return new TableLayer(
                PropertyReader.paragraph(element.child("pPr")),
                properties.characters(element.child("rPr")),
                TablePropertyReader.table(element.child("tblPr")),
                TablePropertyReader.row(element.child("trPr")),
                TablePropertyReader.cell(element.child("tcPr")));
    }

    private static @Nullable String value(XmlElement style, String name) {
        XmlElement child = style.child(name);
        return child == null ? null : child.attribute("val");
    }

    private static @Nullable XmlElement inner(@Nullable XmlElement element, String name) {
        return element == null ? null : element.child(name);
    }
}
