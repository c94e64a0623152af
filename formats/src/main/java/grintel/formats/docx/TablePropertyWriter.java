package grintel.formats.docx;

import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Property;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Table;
import grintel.core.paper.TableLook;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Writes what tables, rows and cells say of themselves; {@link TablePropertyReader} is its mirror. */
final class TablePropertyWriter {
    private static final List<String> SIDES =
            List.of("top", "left", "start", "bottom", "right", "end", "insideH", "insideV");

    private static final Map<Property<?>, String> BORDERS = Map.ofEntries(
            Map.entry(TableProperties.BORDER_TOP, "top"),
            Map.entry(TableProperties.BORDER_RIGHT, "right"),
            Map.entry(TableProperties.BORDER_BOTTOM, "bottom"),
            Map.entry(TableProperties.BORDER_LEFT, "left"),
            Map.entry(TableProperties.BORDER_INSIDE_ACROSS, "insideH"),
            Map.entry(TableProperties.BORDER_INSIDE_DOWN, "insideV"),
            Map.entry(CellProperties.BORDER_TOP, "top"),
            Map.entry(CellProperties.BORDER_RIGHT, "right"),
            Map.entry(CellProperties.BORDER_BOTTOM, "bottom"),
            Map.entry(CellProperties.BORDER_LEFT, "left"),
            Map.entry(CellProperties.BORDER_INSIDE_ACROSS, "insideH"),
            Map.entry(CellProperties.BORDER_INSIDE_DOWN, "insideV"));

    private static final Map<Property<?>, String> MARGINS = Map.of(
            TableProperties.MARGIN_TOP, "top",
            TableProperties.MARGIN_RIGHT, "right",
            TableProperties.MARGIN_BOTTOM, "bottom",
            TableProperties.MARGIN_LEFT, "left",
            CellProperties.MARGIN_TOP, "top",
            CellProperties.MARGIN_RIGHT, "right",
            CellProperties.MARGIN_BOTTOM, "bottom",
            CellProperties.MARGIN_LEFT, "left");

    private static final Map<String, String> LOGICAL = Map.of("left", "start", "right", "end");

    private TablePropertyWriter() {}

    static void writeTable(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.TABLE;
        if (BORDERS.containsKey(property)) {
            writeBorder(
                    container, order, "tblBorders", String.valueOf(BORDERS.get(property)), (@Nullable Border) value);
        } else if (MARGINS.containsKey(property)) {
            writeMargin(container, order, "tblCellMar", String.valueOf(MARGINS.get(property)), value);
        } else if (property == TableProperties.WIDTH) {
            writeWidth(container, order, "tblW", (@Nullable Width) value);
        } else if (property == TableProperties.FIXED) {
            PropertyWriter.setAttribute(
                    container,
                    order,
                    "tblLayout",
                    "type",
                    value == null ? null : Boolean.TRUE.equals(value) ? "fixed" : "autofit");
        } else if (property == TableProperties.INDENT) {
            writeTwips(container, order, "tblInd", value);
        } else if (property == TableProperties.ALIGNMENT) {
            PropertyWriter.writeValue(container, order, "jc", value == null ? null : alignment((Alignment) value));
        } else if (property == TableProperties.LOOK) {
            writeLook(container, (@Nullable TableLook) value);
        } else if (property == TableProperties.ROWS_IN_BAND) {
            PropertyWriter.writeValue(container, order, "tblStyleRowBandSize", value);
        } else if (property == TableProperties.COLUMNS_IN_BAND) {
            PropertyWriter.writeValue(container, order, "tblStyleColBandSize", value);
        } else {
            throw new IllegalArgumentException("No edit writes " + property);
        }
    }

    static void writeRow(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.ROW;
        if (property == RowProperties.HEIGHT) {
            PropertyWriter.setAttribute(container, order, "trHeight", "val", value);
        } else if (property == RowProperties.EXACT) {
            PropertyWriter.setAttribute(
                    container,
                    order,
                    "trHeight",
                    "hRule",
                    value == null ? null : Boolean.TRUE.equals(value) ? "exact" : "atLeast");
        } else if (property == RowProperties.SKIPPED) {
            PropertyWriter.writeValue(container, order, "gridBefore", value);
        } else if (property == RowProperties.REPEATS) {
            PropertyWriter.writeSwitch(container, order, "tblHeader", value);
        } else if (property == RowProperties.STAYS_WHOLE) {
            PropertyWriter.writeSwitch(container, order, "cantSplit", value);
        } else {
            throw new IllegalArgumentException("No edit writes " + property);
        }
    }

    static void writeCell(XmlElement container, Property<?> property, @Nullable Object value) {
        List<String> order = SchemaOrder.CELL;
        if (BORDERS.containsKey(property)) {
            writeBorder(container, order, "tcBorders", String.valueOf(BORDERS.get(property)), (@Nullable Border) value);
        } else if (MARGINS.containsKey(property)) {
            writeMargin(container, order, "tcMar", String.valueOf(MARGINS.get(property)), value);
        } else if (property == CellProperties.WIDTH) {
            writeWidth(container, order, "tcW", (@Nullable Width) value);
        } else if (property == CellProperties.SPAN) {
            PropertyWriter.writeValue(container, order, "gridSpan", value);
        } else if (property == CellProperties.CONTINUES_ABOVE) {
            XmlElement old = container.child("vMerge");
            if (old != null) {
                Unread.takeAway(old);
            }
            if (value != null) {
                XmlElement merge = container.insertInOrder(XmlElement.like(container, "vMerge"), order);
                merge.setAttribute("val", Boolean.TRUE.equals(value) ? "continue" : "restart");
            }
        } else if (property == CellProperties.SHADING) {
            PropertyWriter.writeShading(container, order, value);
        } else if (property == CellProperties.VERTICAL) {
            PropertyWriter.writeValue(
                    container,
                    order,
                    "vAlign",
                    value == null
                            ? null
                            : switch ((Table.Vertical) value) {
                                case TOP -> "top";
                                case CENTRE -> "center";
                                case BOTTOM -> "bottom";
                            });
        } else {
            throw new IllegalArgumentException("No edit writes " + property);
        }
    }

    private static String alignment(Alignment alignment) {
        return switch (alignment) {
            case LEFT -> "left";
            case CENTRE -> "center";
            case RIGHT -> "right";
            case JUSTIFIED -> "both";
        };
    }

    private static void writeTwips(XmlElement container, List<String> order, String name, @Nullable Object value) {
        PropertyWriter.setAttribute(container, order, name, "type", value == null ? null : "dxa");
        PropertyWriter.setAttribute(container, order, name, "w", value);
    }

    private static void writeWidth(XmlElement container, List<String> order, String name, @Nullable Width width) {
        String type = width == null
                ? null
                : switch (width.kind()) {
                    case AUTO -> "auto";
                    case TWIPS -> "dxa";
                    case FIFTIETHS_OF_PER_CENT -> "pct";
                };
        PropertyWriter.setAttribute(container, order, name, "type", type);
        PropertyWriter.setAttribute(container, order, name, "w", width == null ? null : width.value());
    }

    /** A group of four or six sides, which comes and goes with them. */
    private static @Nullable XmlElement group(XmlElement container, List<String> order, String name, boolean make) {
        XmlElement group = container.child(name);
        return group != null || !make ? group : container.insertInOrder(XmlElement.like(container, name), order);
    }

    private static void clear(XmlElement group, String side) {
        for (String name : List.of(side, LOGICAL.getOrDefault(side, side))) {
            XmlElement old = group.child(name);
            if (old != null) {
                Unread.takeAway(old);
            }
        }
    }

    private static void writeBorder(
            XmlElement container, List<String> order, String name, String side, @Nullable Border border) {
        XmlElement group = group(container, order, name, border != null);
        if (group == null) {
            return;
        }
        clear(group, side);
        if (border != null) {
            XmlElement line = group.insertInOrder(XmlElement.like(group, side), SIDES);
            if (border.isVisible()) {
                line.setAttribute("val", border.lines() == 2 ? "double" : "single");
                line.setAttribute("sz", Integer.toString(border.weight()));
                line.setAttribute("space", "0");
                line.setAttribute("color", border.colour().hex());
            } else {
                line.setAttribute("val", "nil");
            }
        }
        if (group.isEmpty()) {
            Unread.takeAway(group);
        }
    }

    private static void writeMargin(
            XmlElement container, List<String> order, String name, String side, @Nullable Object value) {
        XmlElement group = group(container, order, name, value != null);
        if (group == null) {
            return;
        }
        clear(group, side);
        if (value != null) {
            XmlElement margin = group.insertInOrder(XmlElement.like(group, side), SIDES);
            margin.setAttribute("w", value.toString());
            margin.setAttribute("type", "dxa");
        }
        if (group.isEmpty()) {
            Unread.takeAway(group);
        }
    }

    private static void writeLook(XmlElement container, @Nullable TableLook look) {
        XmlElement old = container.child("tblLook");
        if (old != null) {
            Unread.takeAway(old);
        }
        if (look != null) {
            XmlElement element = container.insertInOrder(XmlElement.like(container, "tblLook"), SchemaOrder.TABLE);
            int bits = (look.firstRow() ? 0x20 : 0)
                    | (look.lastRow() ? 0x40 : 0)
                    | (look.firstColumn() ? 0x80 : 0)
                    | (look.lastColumn() ? 0x100 : 0)
                    | (look.rowBands() ? 0 : 0x200)
                    | (look.columnBands() ? 0 : 0x400);
            element.setAttribute("val", String.format("%04X", bits));
        }
    }
}
