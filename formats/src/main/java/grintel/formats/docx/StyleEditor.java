package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Property;
import grintel.core.paper.Style;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Changes styles and the levels of lists. */
final class StyleEditor {
    private final DocxTree tree;
    private final PropertyWriter properties;

    StyleEditor(DocxTree tree, PropertyWriter properties) {
        this.tree = tree;
        this.properties = properties;
    }

    private XmlElement root() {
        return tree.relatedRoot("styles", "styles", "");
    }

    private XmlElement style(String id) {
        if (tree.related("styles") != null) {
            for (XmlElement style : root().children("style")) {
                if (id.equals(style.attribute("styleId"))) {
                    return style;
                }
            }
        }
        throw new EditRefusedException("The file has no style " + id + ".");
    }

    void set(String id, Property<?> property, @Nullable Object value) {
        XmlElement style = style(id);
        String name = property.family() == Property.Family.CHARACTER ? "rPr" : "pPr";
        write(style, name, SchemaOrder.STYLE, property, value);
    }

    private void write(
            XmlElement element, String name, List<String> order, Property<?> property, @Nullable Object value) {
        XmlElement container = element.child(name);
        if (container == null) {
            if (value == null) {
                return;
            }
            container = element.insertInOrder(XmlElement.like(element, name), order);
        }
        properties.write(container, property, value);
    }

    void create(Style style) {
        XmlElement root = root();
        root.append(new StyleWriter(properties).write(root, style));
    }

    void follow(String id, String next) {
        PropertyWriter.writeValue(style(id), SchemaOrder.STYLE, "next", next);
    }

    /** Names a language in the defaults, and in the standard style where that names one. */
    void setLanguage(String tag) {
        XmlElement root = root();
        XmlElement defaults = root.child("docDefaults");
        if (defaults == null) {
            defaults = root.prepend(XmlElement.like(root, "docDefaults"));
        }
        XmlElement characters = defaults.child("rPrDefault");
        if (characters == null) {
            characters = defaults.prepend(XmlElement.like(root, "rPrDefault"));
        }
        properties.write(PropertyHolder.of(characters, "rPr"), CharacterProperties.LANGUAGE, tag);
        for (XmlElement style : root.children("style")) {
            XmlElement format = style.child("rPr");
            boolean standard = "paragraph".equals(style.attribute("type")) && StylesReader.isStandard(style);
            if (standard && format != null && format.child("lang") != null) {
                properties.write(format, CharacterProperties.LANGUAGE, tag);
            }
        }
    }

    // ---- lists

    /** The elements of a level: of the definition, and of lists that override it. */
    private List<XmlElement> levels(int list, int level) {
        if (tree.related("numbering") == null) {
            throw new EditRefusedException("The file has no list " + list + ".");
        }
        XmlElement root = tree.relatedRoot("numbering", "numbering", "");
        String definition = definitionOf(root, list);
        List<XmlElement> out = new ArrayList<>();
        for (XmlElement each : root.children("abstractNum")) {
            if (definition.equals(each.attribute("abstractNumId"))) {
                addLevels(each, level, out);
            }
        }
        for (XmlElement each : root.children("num")) {
            XmlElement reference = each.child("abstractNumId");
            if (reference != null && definition.equals(reference.attribute("val"))) {
                each.children("lvlOverride").forEach(override -> addLevels(override, level, out));
            }
        }
        return out;
    }

    private static String definitionOf(XmlElement root, int list) {
        for (XmlElement each : root.children("num")) {
            Integer id = Values.integer(each.attribute("numId"));
            XmlElement reference = each.child("abstractNumId");
            if (id != null && id == list && reference != null) {
                return String.valueOf(reference.attribute("val"));
            }
        }
        throw new EditRefusedException("The file has no list " + list + ".");
    }

    private static void addLevels(XmlElement from, int level, List<XmlElement> out) {
        for (XmlElement each : from.children("lvl")) {
            Integer at = Values.integer(each.attribute("ilvl"));
            if (at != null && at == level) {
                out.add(each);
            }
        }
    }

    void setInLevel(int list, int level, Property<?> property, @Nullable Object value) {
        String name = property.family() == Property.Family.CHARACTER ? "rPr" : "pPr";
        for (XmlElement each : levels(list, level)) {
            write(each, name, SchemaOrder.LEVEL, property, value);
        }
    }

    void defineLevel(Edit.DefineLevel edit) {
        for (XmlElement level : levels(edit.list(), edit.level())) {
            writeLevel(level, edit.format(), edit.text(), edit.suffix());
        }
    }

    static void writeLevel(XmlElement level, NumberFormat format, String text, String suffix) {
        List<String> order = SchemaOrder.LEVEL;
        PropertyWriter.writeValue(level, order, "numFmt", PropertyWriter.numberFormat(format));
        PropertyWriter.writeValue(level, order, "suff", suffix);
        PropertyWriter.writeValue(level, order, "lvlText", text);
    }
}
