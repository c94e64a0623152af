package grintel.formats.docx;

import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Style;
import grintel.core.paper.TableCondition;
import grintel.core.paper.TableLayer;
import grintel.core.paper.TableProperties;
import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Writes styles; {@link StylesReader} is its mirror. */
final class StyleWriter {
    private final PropertyWriter properties;

    StyleWriter(PropertyWriter properties) {
        this.properties = properties;
    }

    /** @param kin an element among which it will stand */
    XmlElement write(XmlElement kin, Style style) {
        XmlElement element = XmlElement.like(kin, "style");
        element.setAttribute("type", style.kind().name().toLowerCase(Locale.ROOT));
        if (style.standard()) {
            element.setAttribute("default", "1");
        }
        element.setAttribute("styleId", style.id());
        value(element, "name", style.name());
        value(element, "basedOn", style.basedOn());
        value(element, "next", style.next());
        value(element, "link", style.linked());
        // Shown among the styles a writer can choose.
        element.append(XmlElement.like(kin, "qFormat"));
        write(element, "pPr", ParagraphProperties.ALL, style.paragraph());
        write(element, "rPr", CharacterProperties.ALL, style.character());
        TableLayer whole = style.table().get(TableCondition.WHOLE);
        if (whole != null) {
            writeTable(element, whole);
        }
        StylesReader.CONDITIONS.entrySet().stream()
                .sorted(Map.Entry.comparingByValue())
                .forEach(entry -> {
                    TableLayer layer = style.table().get(entry.getValue());
                    if (layer != null) {
                        XmlElement part = element.append(XmlElement.like(element, "tblStylePr"));
                        part.setAttribute("type", entry.getKey());
                        write(part, "pPr", ParagraphProperties.ALL, layer.paragraph());
                        write(part, "rPr", CharacterProperties.ALL, layer.character());
                        writeTable(part, layer);
                    }
                });
        return element;
    }

    private void writeTable(XmlElement element, TableLayer layer) {
        write(element, "tblPr", TableProperties.ALL, layer.table());
        write(element, "trPr", RowProperties.ALL, layer.row());
        write(element, "tcPr", CellProperties.ALL, layer.cell());
    }

    private void write(XmlElement parent, String name, List<Property<?>> family, PropertySet layer) {
        if (!layer.isEmpty()) {
            XmlElement holder = XmlElement.like(parent, name);
            properties.writeAll(holder, family, layer);
            if (!holder.isEmpty()) {
                parent.append(holder);
            }
        }
    }

    private static void value(XmlElement parent, String name, @Nullable String value) {
        if (value != null) {
            parent.append(XmlElement.like(parent, name)).setAttribute("val", value);
        }
    }
}
