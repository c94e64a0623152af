package grintel.formats.docx;

import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Table;
import grintel.core.paper.TableLook;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Reads what tables, rows and cells say of themselves; {@link TablePropertyWriter} is its mirror. */
final class TablePropertyReader {
    private static final int MOST_SPANNED = 63;
    private static final int MOST_EIGHTHS = 96;

    private TablePropertyReader() {}

    /** {@code w:tblPr}; nothing where it is null. */
    static PropertySet table(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            switch (each.name()) {
                case "tblW" -> set(out, TableProperties.WIDTH, width(each));
                case "tblLayout" -> out.set(TableProperties.FIXED, "fixed".equals(each.attribute("type")));
                case "tblInd" -> set(out, TableProperties.INDENT, Values.twips(each.attribute("w")));
                case "jc" -> set(out, TableProperties.ALIGNMENT, PropertyReader.alignment(each.attribute("val")));
                case "tblBorders" -> {
                    border(out, TableProperties.BORDER_TOP, each, "top", null);
                    border(out, TableProperties.BORDER_RIGHT, each, "right", "end");
                    border(out, TableProperties.BORDER_BOTTOM, each, "bottom", null);
                    border(out, TableProperties.BORDER_LEFT, each, "left", "start");
                    border(out, TableProperties.BORDER_INSIDE_ACROSS, each, "insideH", null);
                    border(out, TableProperties.BORDER_INSIDE_DOWN, each, "insideV", null);
                }
                case "tblCellMar" -> {
                    margin(out, TableProperties.MARGIN_TOP, each, "top", null);
                    margin(out, TableProperties.MARGIN_RIGHT, each, "right", "end");
                    margin(out, TableProperties.MARGIN_BOTTOM, each, "bottom", null);
                    margin(out, TableProperties.MARGIN_LEFT, each, "left", "start");
                }
                case "tblLook" -> out.set(TableProperties.LOOK, look(each));
                case "tblStyleRowBandSize" ->
                    set(out, TableProperties.ROWS_IN_BAND, Values.integer(each.attribute("val")));
                case "tblStyleColBandSize" ->
                    set(out, TableProperties.COLUMNS_IN_BAND, Values.integer(each.attribute("val")));
                default -> {}
            }
        }
        return out.build();
    }

    /** {@code w:trPr}; nothing where it is null. */
    static PropertySet row(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            switch (each.name()) {
                case "trHeight" -> {
                    Integer height = Values.twips(each.attribute("val"));
                    set(out, RowProperties.HEIGHT, height == null ? null : Integer.valueOf(Math.max(0, height)));
                    if (each.attribute("hRule") != null) {
                        out.set(RowProperties.EXACT, "exact".equals(each.attribute("hRule")));
                    }
                }
                case "gridBefore" -> set(out, RowProperties.SKIPPED, columns(each, 0));
                case "tblHeader" -> out.set(RowProperties.REPEATS, Values.on(each));
                case "cantSplit" -> out.set(RowProperties.STAYS_WHOLE, Values.on(each));
                default -> {}
            }
        }
        return out.build();
    }

    /** {@code w:tcPr}; nothing where it is null. */
    static PropertySet cell(@Nullable XmlElement properties) {
        if (properties == null) {
            return PropertySet.empty();
        }
        PropertySet.Builder out = new PropertySet.Builder();
        for (XmlElement each : properties.elements()) {
            switch (each.name()) {
                case "tcW" -> set(out, CellProperties.WIDTH, width(each));
                case "gridSpan" -> set(out, CellProperties.SPAN, columns(each, 1));
                case "vMerge" -> out.set(CellProperties.CONTINUES_ABOVE, !"restart".equals(each.attribute("val")));
                case "tcMar" -> {
                    margin(out, CellProperties.MARGIN_TOP, each, "top", null);
                    margin(out, CellProperties.MARGIN_RIGHT, each, "right", "end");
                    margin(out, CellProperties.MARGIN_BOTTOM, each, "bottom", null);
                    margin(out, CellProperties.MARGIN_LEFT, each, "left", "start");
                }
                case "tcBorders" -> {
                    border(out, CellProperties.BORDER_TOP, each, "top", null);
                    border(out, CellProperties.BORDER_RIGHT, each, "right", "end");
                    border(out, CellProperties.BORDER_BOTTOM, each, "bottom", null);
                    border(out, CellProperties.BORDER_LEFT, each, "left", "start");
                    border(out, CellProperties.BORDER_INSIDE_ACROSS, each, "insideH", null);
                    border(out, CellProperties.BORDER_INSIDE_DOWN, each, "insideV", null);
                }
                case "shd" -> {
                    Colour fill = PropertyReader.colour(each.attribute("fill"));
                    set(out, CellProperties.SHADING, fill);
                }
                case "vAlign" ->
                    out.set(
                            CellProperties.VERTICAL,
                            switch (String.valueOf(each.attribute("val"))) {
                                case "center", "both" -> Table.Vertical.CENTRE;
                                case "bottom" -> Table.Vertical.BOTTOM;
                                default -> Table.Vertical.TOP;
                            });
                default -> {}
            }
        }
        return out.build();
    }

    private static @Nullable Integer columns(XmlElement element, int least) {
        Integer value = Values.integer(element.attribute("val"));
        return value == null ? null : Integer.valueOf(Math.max(least, Math.min(MOST_SPANNED, value)));
    }

    private static Width width(XmlElement element) {
        String text = String.valueOf(element.attribute("w"));
        if ("pct".equals(element.attribute("type"))) {
            boolean sign = text.endsWith("%");
            Integer value = Values.integer(sign ? text.substring(0, text.length() - 1) : text);
            int fiftieths = value == null ? 0 : Math.max(0, Math.min(sign ? 1000 : 50_000, value)) * (sign ? 50 : 1);
            return fiftieths == 0 ? Width.AUTO : new Width(Width.Kind.FIFTIETHS_OF_PER_CENT, fiftieths);
        }
        Integer twips = "dxa".equals(element.attribute("type")) ? Values.twips(text) : null;
        return twips == null || twips <= 0 ? Width.AUTO : Width.twips(twips);
    }

    /** The flags of a look, each by itself or all in one hexadecimal number (§17.4.56). */
    private static TableLook look(XmlElement element) {
        int bits = 0;
        String number = element.attribute("val");
        if (number != null && number.matches("[0-9A-Fa-f]{1,4}")) {
            bits = Integer.parseInt(number, 16);
        }
        return new TableLook(
                flag(element, "firstRow", bits, 0x20),
                flag(element, "lastRow", bits, 0x40),
                flag(element, "firstColumn", bits, 0x80),
                flag(element, "lastColumn", bits, 0x100),
                !flag(element, "noHBand", bits, 0x200),
                !flag(element, "noVBand", bits, 0x400));
    }

    private static boolean flag(XmlElement element, String name, int bits, int bit) {
        String said = element.attribute(name);
        return said == null ? (bits & bit) != 0 : said.equals("1") || said.equals("true") || said.equals("on");
    }

    private static void margin(
            PropertySet.Builder out,
            Property<Integer> property,
            XmlElement margins,
            String name,
            @Nullable String logical) {
        XmlElement side = side(margins, name, logical);
        Integer width = side == null ? null : Values.twips(side.attribute("w"));
        set(out, property, width == null ? null : Integer.valueOf(Math.max(0, width)));
    }

    private static void border(
            PropertySet.Builder out,
            Property<Border> property,
            XmlElement borders,
            String name,
            @Nullable String logical) {
        XmlElement line = side(borders, name, logical);
        set(out, property, line == null ? null : border(line));
    }

    private static @Nullable XmlElement side(XmlElement sides, String name, @Nullable String logical) {
        XmlElement side = sides.child(name);
        return side == null && logical != null ? sides.child(logical) : side;
    }

    private static Border border(XmlElement line) {
        String kind = String.valueOf(line.attribute("val"));
        if (kind.equals("nil") || kind.equals("none")) {
            return Border.NONE;
        }
        Integer eighths = Values.integer(line.attribute("sz"));
        Colour colour = PropertyReader.colour(line.attribute("color"));
        return new Border(
                eighths == null ? 4 : Math.max(1, Math.min(MOST_EIGHTHS, eighths)),
                kind.equals("double") ? 2 : 1,
                colour == null ? Colour.AUTO : colour);
    }

    private static <T> void set(PropertySet.Builder out, Property<T> property, @Nullable T value) {
        if (value != null) {
            out.set(property, value);
        }
    }
}
