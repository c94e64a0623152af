package grintel.formats.docx;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Frame;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TabStops;
import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Writes a formatting property into an element of properties; {@link PropertyReader} is its mirror. */
final class PropertyWriter {
    private static final Map<Property<?>, String> CHARACTER_SWITCHES = Map.of(
            CharacterProperties.BOLD, "b",
            CharacterProperties.ITALIC, "i",
            CharacterProperties.CAPITALS, "caps",
            CharacterProperties.SMALL_CAPITALS, "smallCaps",
            CharacterProperties.STRIKE, "strike",
            CharacterProperties.HIDDEN, "vanish");

    private static final Map<Property<?>, String> CHARACTER_VALUES = Map.of(
            CharacterProperties.HIGHLIGHT, "highlight",
            CharacterProperties.UNDERLINE, "u",
            CharacterProperties.CHARACTER_SPACING, "spacing",
            CharacterProperties.RISE, "position",
            CharacterProperties.SCALE, "w",
            CharacterProperties.LANGUAGE, "lang");

    private static final Map<Property<?>, String> PARAGRAPH_SWITCHES = Map.of(
            ParagraphProperties.KEEP_WITH_NEXT, "keepNext",
            ParagraphProperties.KEEP_LINES, "keepLines",
            ParagraphProperties.PAGE_BREAK_BEFORE, "pageBreakBefore",
            ParagraphProperties.WIDOW_CONTROL, "widowControl",
            ParagraphProperties.NO_HYPHENATION, "suppressAutoHyphens",
            ParagraphProperties.SAME_STYLE_SUPPRESSION, "contextualSpacing",
            ParagraphProperties.RIGHT_TO_LEFT, "bidi");

    private final boolean strict;

    /** @param strict whether the file is of the strict form, which names the sides start and end */
    PropertyWriter(boolean strict) {
        this.strict = strict;
    }

    /** Sets a property, or takes away with null what the element says of it. */
    void write(XmlElement container, Property<?> property, @Nullable Object value) {
        switch (property.family()) {
            case CHARACTER -> writeCharacter(container, property, value);
            case PARAGRAPH -> writeParagraph(container, property, value);
            case SECTION -> writeSection(container, property, value);
            case TABLE -> TablePropertyWriter.writeTable(container, property, value);
            case ROW -> TablePropertyWriter.writeRow(container, property, value);
            case CELL -> TablePropertyWriter.writeCell(container, property, value);
        }
    }

    /** Writes all that a layer says of a family. */
    void writeAll(XmlElement container, List<Property<?>> family, PropertySet layer) {
        for (Property<?> property : layer.said(family)) {
            write(container, property, layer.get(property));
        }
    }

    private static void writeCharacter(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.CHARACTERS;
        String toggle = CHARACTER_SWITCHES.get(property);
        if (toggle != null) {
            writeSwitch(container, order, toggle, value);
        } else if (property == CharacterProperties.FACE) {
            writeFace(container, value, "ascii", "asciiTheme");
        } else if (property == CharacterProperties.FACE_HIGH_ANSI) {
            writeFace(container, value, "hAnsi", "hAnsiTheme");
        } else if (property == CharacterProperties.FACE_EAST_ASIA) {
            writeFace(container, value, "eastAsia", "eastAsiaTheme");
        } else if (property == CharacterProperties.FACE_COMPLEX) {
            writeFace(container, value, "cs", "cstheme");
        } else if (property == CharacterProperties.SIZE) {
            writeValue(container, order, "sz", value);
            writeValue(container, order, "szCs", value);
        } else if (property == CharacterProperties.COLOUR) {
            XmlElement colour = container.child("color");
            if (colour != null) {
                for (String themed : List.of("themeColor", "themeTint", "themeShade")) {
                    colour.setAttribute(themed, null);
                }
            }
            writeValue(container, order, "color", value == null ? null : ((Colour) value).hex());
        } else if (property == CharacterProperties.SHADING) {
            writeShading(container, order, value);
        } else if (property == CharacterProperties.VERTICAL_POSITION) {
            writeValue(
                    container,
                    order,
                    "vertAlign",
                    value == null ? null : value.toString().toLowerCase(Locale.ROOT));
        } else if (CHARACTER_VALUES.containsKey(property)) {
            writeValue(container, order, String.valueOf(CHARACTER_VALUES.get(property)), value);
        } else {
            throw unwritten(property);
        }
    }

    private static IllegalArgumentException unwritten(Property<?> property) {
        return new IllegalArgumentException("No edit writes " + property);
    }

    private static void writeFace(XmlElement container, @Nullable Object value, String plain, String themed) {
        setAttribute(container, SchemaOrder.CHARACTERS, "rFonts", themed, null);
        setAttribute(container, SchemaOrder.CHARACTERS, "rFonts", plain, value);
    }

    private void writeParagraph(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.PARAGRAPH;
        String toggle = PARAGRAPH_SWITCHES.get(property);
        if (toggle != null) {
            writeSwitch(container, order, toggle, value);
        } else if (property == ParagraphProperties.ALIGNMENT) {
            writeValue(container, order, "jc", value == null ? null : alignment((Alignment) value));
        } else if (property == ParagraphProperties.LINE_SPACING) {
            writeLineSpacing(container, (@Nullable LineSpacing) value);
        } else if (property == ParagraphProperties.SPACE_BEFORE) {
            setAttribute(container, order, "spacing", "before", value);
            setAttribute(container, order, "spacing", "beforeLines", null);
        } else if (property == ParagraphProperties.SPACE_AFTER) {
            setAttribute(container, order, "spacing", "after", value);
            setAttribute(container, order, "spacing", "afterLines", null);
        } else if (property == ParagraphProperties.SPACE_BEFORE_AUTO) {
            setAttribute(container, order, "spacing", "beforeAutospacing", flag(value));
        } else if (property == ParagraphProperties.SPACE_AFTER_AUTO) {
            setAttribute(container, order, "spacing", "afterAutospacing", flag(value));
        } else if (property == ParagraphProperties.INDENT_LEFT) {
            writeSide(container, "left", "start", value);
        } else if (property == ParagraphProperties.INDENT_RIGHT) {
            writeSide(container, "right", "end", value);
        } else if (property == ParagraphProperties.INDENT_LEFT_CHARACTERS) {
            writeSide(container, "leftChars", "startChars", value);
        } else if (property == ParagraphProperties.INDENT_RIGHT_CHARACTERS) {
            writeSide(container, "rightChars", "endChars", value);
        } else if (property == ParagraphProperties.NUMBERING_ID) {
            writeNumbering(container, "numId", value);
        } else if (property == ParagraphProperties.NUMBERING_LEVEL) {
            writeNumbering(container, "ilvl", value);
        } else if (property == ParagraphProperties.FRAME) {
            FrameWriter.write(container, (@Nullable Frame) value);
        } else if (property == ParagraphProperties.INDENT_FIRST_LINE) {
            writeFirstLine(container, value, "firstLine", "hanging");
        } else if (property == ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS) {
            writeFirstLine(container, value, "firstLineChars", "hangingChars");
        } else if (property == ParagraphProperties.SHADING) {
            writeShading(container, order, value);
        } else if (property == ParagraphProperties.OUTLINE_LEVEL) {
            writeValue(container, order, "outlineLvl", value);
        } else if (property == ParagraphProperties.TAB_STOPS) {
            writeTabStops(container, (@Nullable TabStops) value);
        } else {
            throw unwritten(property);
        }
    }

    private static void writeNumbering(XmlElement container, String name, @Nullable Object value) {
        XmlElement numbering = container.child("numPr");
        if (numbering == null) {
            if (value == null) {
                return;
            }
            numbering = container.insertInOrder(XmlElement.like(container, "numPr"), SchemaOrder.PARAGRAPH);
        }
        writeValue(numbering, List.of("ilvl", "numId"), name, value);
        if (numbering.isEmpty()) {
            Unread.takeAway(numbering);
        }
    }

    private static void writeLineSpacing(XmlElement container, @Nullable LineSpacing spacing) {
        String rule = spacing == null
                ? null
                : switch (spacing.rule()) {
                    case MULTIPLE -> "auto";
                    case EXACTLY -> "exact";
                    case AT_LEAST -> "atLeast";
                };
        setAttribute(container, SchemaOrder.PARAGRAPH, "spacing", "line", spacing == null ? null : spacing.value());
        setAttribute(container, SchemaOrder.PARAGRAPH, "spacing", "lineRule", rule);
    }

    private static void writeTabStops(XmlElement container, @Nullable TabStops stops) {
        XmlElement old = container.child("tabs");
        if (old != null) {
            Unread.takeAway(old);
        }
        if (stops == null) {
            return;
        }
        XmlElement tabs = container.insertInOrder(XmlElement.like(container, "tabs"), SchemaOrder.PARAGRAPH);
        for (int cleared : stops.cleared()) {
            XmlElement tab = tabs.append(XmlElement.like(container, "tab"));
            tab.setAttribute("val", "clear");
            tab.setAttribute("pos", Integer.toString(cleared));
        }
        for (TabStops.Stop stop : stops.stops()) {
            XmlElement tab = tabs.append(XmlElement.like(container, "tab"));
            tab.setAttribute(
                    "val",
                    switch (stop.kind()) {
                        case LEFT -> "left";
                        case CENTRE -> "center";
                        case RIGHT -> "right";
                        case DECIMAL -> "decimal";
                        case BAR -> "bar";
                    });
            String leader = leader(stop.leader());
            if (leader != null) {
                tab.setAttribute("leader", leader);
            }
            tab.setAttribute("pos", Integer.toString(stop.position()));
        }
    }

    static @Nullable String leader(TabStops.Leader leader) {
        return switch (leader) {
            case NONE -> null;
            case DOTS -> "dot";
            case HYPHENS -> "hyphen";
            case LINE -> "underscore";
        };
    }

    private void writeSide(XmlElement container, String side, String strictSide, @Nullable Object value) {
        XmlElement indents = container.child("ind");
        boolean present = indents != null && indents.attribute(strictSide) != null;
        String use = strict || present ? strictSide : side;
        if (use.equals(strictSide)) {
            setAttribute(container, SchemaOrder.PARAGRAPH, "ind", side, null);
        }
        setAttribute(container, SchemaOrder.PARAGRAPH, "ind", use, value);
    }

    private static void writeFirstLine(XmlElement container, @Nullable Object value, String firstLine, String hanging) {
        int indent = value == null ? 0 : (Integer) value;
        boolean hangs = indent < 0;
        setAttribute(container, SchemaOrder.PARAGRAPH, "ind", firstLine, hangs ? null : value);
        setAttribute(container, SchemaOrder.PARAGRAPH, "ind", hanging, hangs ? Integer.valueOf(-indent) : null);
    }

    private static void writeSection(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.SECTION;
        if (property == SectionProperties.PAGE_WIDTH) {
            setAttribute(container, order, "pgSz", "w", value);
        } else if (property == SectionProperties.PAGE_HEIGHT) {
            setAttribute(container, order, "pgSz", "h", value);
        } else if (property == SectionProperties.LANDSCAPE) {
            setAttribute(
                    container,
                    order,
                    "pgSz",
                    "orient",
                    value == null ? null : Boolean.TRUE.equals(value) ? "landscape" : "portrait");
        } else if (property == SectionProperties.MARGIN_TOP) {
            setAttribute(container, order, "pgMar", "top", value);
        } else if (property == SectionProperties.MARGIN_RIGHT) {
            setAttribute(container, order, "pgMar", "right", value);
        } else if (property == SectionProperties.MARGIN_BOTTOM) {
            setAttribute(container, order, "pgMar", "bottom", value);
        } else if (property == SectionProperties.MARGIN_LEFT) {
            setAttribute(container, order, "pgMar", "left", value);
        } else if (property == SectionProperties.GUTTER) {
            setAttribute(container, order, "pgMar", "gutter", value);
        } else if (property == SectionProperties.HEADER_DISTANCE) {
            setAttribute(container, order, "pgMar", "header", value);
        } else if (property == SectionProperties.FOOTER_DISTANCE) {
            setAttribute(container, order, "pgMar", "footer", value);
        } else if (property == SectionProperties.BREAK) {
            writeValue(container, order, "type", value == null ? null : breakName((SectionProperties.Break) value));
        } else if (property == SectionProperties.COLUMNS) {
            XmlElement columns = container.child("cols");
            if (columns != null) {
                columns.children("col").forEach(XmlElement::remove);
                columns.setAttribute("equalWidth", null);
            }
            setAttribute(container, order, "cols", "num", value);
        } else if (property == SectionProperties.FIRST_PAGE_DIFFERS) {
            writeSwitch(container, order, "titlePg", value);
        } else if (property == SectionProperties.COLUMN_GAP) {
            setAttribute(container, order, "cols", "space", value);
        } else if (property == SectionProperties.PAGE_NUMBER_START) {
            setAttribute(container, order, "pgNumType", "start", value);
        } else if (property == SectionProperties.PAGE_NUMBER_FORMAT) {
            setAttribute(
                    container, order, "pgNumType", "fmt", value == null ? null : numberFormat((NumberFormat) value));
        } else {
            throw unwritten(property);
        }
    }

    /** The name of a number format in the mark-up. */
    static String numberFormat(NumberFormat format) {
        return switch (format) {
            case DECIMAL -> "decimal";
            case DECIMAL_ZERO -> "decimalZero";
            case LOWER_ROMAN -> "lowerRoman";
            case UPPER_ROMAN -> "upperRoman";
            case LOWER_LETTER -> "lowerLetter";
            case UPPER_LETTER -> "upperLetter";
            case ORDINAL -> "ordinal";
            case BULLET -> "bullet";
            case NONE -> "none";
        };
    }

    private static String breakName(SectionProperties.Break kind) {
        return switch (kind) {
            case NEXT_PAGE -> "nextPage";
            case CONTINUOUS -> "continuous";
            case EVEN_PAGE -> "evenPage";
            case ODD_PAGE -> "oddPage";
            case NEXT_COLUMN -> "nextColumn";
        };
    }

    static void writeShading(XmlElement container, List<String> order, @Nullable Object value) {
        XmlElement old = container.child("shd");
        if (old != null) {
            Unread.takeAway(old);
        }
        if (value != null) {
            setAttribute(container, order, "shd", "val", "clear");
            setAttribute(container, order, "shd", "color", "auto");
            setAttribute(container, order, "shd", "fill", ((Colour) value).hex());
        }
    }

    private String alignment(Alignment alignment) {
        return switch (alignment) {
            case LEFT -> strict ? "start" : "left";
            case CENTRE -> "center";
            case RIGHT -> strict ? "end" : "right";
            case JUSTIFIED -> "both";
        };
    }

    private static @Nullable String flag(@Nullable Object value) {
        return value == null ? null : Boolean.TRUE.equals(value) ? "1" : "0";
    }

    /** A switch that is on stands as an empty element, as all writers write it. */
    static void writeSwitch(XmlElement container, List<String> order, String name, @Nullable Object value) {
        XmlElement element = container.child(name);
        if (value == null) {
            if (element != null) {
                Unread.takeAway(element);
            }
            return;
        }
        if (element == null) {
            element = container.insertInOrder(XmlElement.like(container, name), order);
        }
        element.setAttribute("val", Boolean.TRUE.equals(value) ? null : "0");
    }

    static void writeValue(XmlElement container, List<String> order, String name, @Nullable Object value) {
        if (value == null) {
            XmlElement element = container.child(name);
            if (element != null) {
                Unread.takeAway(element);
            }
            return;
        }
        setAttribute(container, order, name, "val", value);
    }

    /** Sets an attribute of a child, which comes and goes with its attributes. */
    static void setAttribute(
            XmlElement container, List<String> order, String name, String attribute, @Nullable Object value) {
        XmlElement element = container.child(name);
        if (element == null) {
            if (value == null) {
                return;
            }
            element = container.insertInOrder(XmlElement.like(container, name), order);
        }
        element.setAttribute(attribute, value == null ? null : value.toString());
        if (!element.hasAttributes() && element.isEmpty()) {
            Unread.takeAway(element);
        }
    }
}
