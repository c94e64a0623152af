package grintel.formats.docx;

import grintel.core.paper.Block;
import grintel.core.paper.Border;
import grintel.core.paper.Colour;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Style;
import grintel.core.paper.Table;
import grintel.core.paper.Width;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;
import org.jspecify.annotations.Nullable;

/** Reads a table and works out the looks of its cells from table, style and cell (ISO 29500-1 §17.4, §17.7.6). */
final class TableReader {
    private static final int CELL_MARGIN = 108;
    private static final Table.Margins STANDARD = new Table.Margins(0, CELL_MARGIN, 0, CELL_MARGIN);
    private static final int MOST_SPANNED = 63;

    private final ReadingState state;
    private final BiFunction<XmlElement, @Nullable Style, List<Block>> content;

    /** @param content reads the blocks of a cell in a table of a style */
    TableReader(ReadingState state, BiFunction<XmlElement, @Nullable Style, List<Block>> content) {
        this.state = state;
        this.content = content;
    }

    Table read(XmlElement element) {
        XmlElement properties = element.child("tblPr");
        XmlElement named = child(properties, "tblStyle");
        Style style = state.styles.effective(named == null ? null : named.attribute("val"), Style.Kind.TABLE);
        List<XmlElement> rows = Structure.rows(element);
        List<XmlElement> styles = tableStyles(style);
        CellLooks looks = new CellLooks(styles, properties, rows.size());
        Table.Margins margins = STANDARD;
        for (XmlElement each : styles) {
            margins = margins(child(each.child("tblPr"), "tblCellMar"), margins);
        }
        margins = margins(child(properties, "tblCellMar"), margins);
        List<Table.Row> read = new ArrayList<>();
        for (int i = 0; i < rows.size(); i++) {
            read.add(row(rows.get(i), i, style, margins, looks));
        }
        XmlElement indent = child(properties, "tblInd");
        Integer indentTwips = indent == null ? null : Values.twips(indent.attribute("w"));
        XmlElement jc = child(properties, "jc");
        Alignment alignment = jc == null ? null : PropertyReader.alignment(jc.attribute("val"));
        XmlElement layout = child(properties, "tblLayout");
        return new Table(
                columns(element.child("tblGrid")),
                width(child(properties, "tblW")),
                layout != null && "fixed".equals(layout.attribute("type")),
                indentTwips == null ? 0 : indentTwips,
                alignment == null ? Alignment.LEFT : alignment,
                read);
    }

    private List<XmlElement> tableStyles(@Nullable Style style) {
        List<XmlElement> out = new ArrayList<>();
        for (Style each : state.styles.chain(style)) {
            XmlElement element = state.tableStyles.get(each.id());
            if (element != null) {
                out.add(element);
            }
        }
        return out;
    }

    private static List<Integer> columns(@Nullable XmlElement grid) {
        List<Integer> columns = new ArrayList<>();
        if (grid != null) {
            for (XmlElement column : grid.children("gridCol")) {
                Integer width = Values.twips(column.attribute("w"));
                columns.add(width == null ? 0 : Math.max(0, width));
            }
        }
        return columns;
    }

    private Table.Row row(
            XmlElement element, int number, @Nullable Style style, Table.Margins tableMargins, CellLooks looks) {
        XmlElement properties = element.child("trPr");
        int height = 0;
        boolean exact = false;
        int skipped = 0;
        boolean repeats = false;
        boolean whole = false;
        if (properties != null) {
            for (XmlElement each : properties.elements()) {
                switch (each.name()) {
                    case "trHeight" -> {
                        Integer value = Values.twips(each.attribute("val"));
                        height = value == null ? 0 : Math.max(0, value);
                        exact = "exact".equals(each.attribute("hRule"));
                    }
                    case "gridBefore" -> {
                        Integer value = Values.integer(each.attribute("val"));
                        skipped = value == null ? 0 : Math.max(0, Math.min(MOST_SPANNED, value));
                    }
                    case "tblHeader" -> repeats = Values.on(each);
                    case "cantSplit" -> whole = Values.on(each);
                    default -> {}
                }
            }
        }
        List<Table.Cell> cells = new ArrayList<>();
        List<XmlElement> elements = Structure.cells(element);
        for (int i = 0; i < elements.size(); i++) {
            CellLooks.Place place = looks.place(number, i, elements.size());
            cells.add(cell(elements.get(i), style, tableMargins, looks, place));
        }
        return new Table.Row(cells, height, exact, skipped, repeats, whole);
    }

    private Table.Cell cell(
            XmlElement element,
            @Nullable Style style,
            Table.Margins tableMargins,
            CellLooks looks,
            CellLooks.Place place) {
        XmlElement properties = element.child("tcPr");
        XmlElement gridSpan = child(properties, "gridSpan");
        Integer spanned = gridSpan == null ? null : Values.integer(gridSpan.attribute("val"));
        XmlElement merge = child(properties, "vMerge");
        XmlElement vertical = child(properties, "vAlign");
        return new Table.Cell(
                content.apply(element, style),
                width(child(properties, "tcW")),
                spanned == null ? 1 : Math.max(1, Math.min(MOST_SPANNED, spanned)),
                merge != null && !"restart".equals(merge.attribute("val")),
                margins(child(properties, "tcMar"), tableMargins),
                looks.borders(place, child(properties, "tcBorders")),
                looks.shading(place, child(properties, "shd")),
                switch (vertical == null ? "top" : String.valueOf(vertical.attribute("val"))) {
                    case "center", "both" -> Table.Vertical.CENTRE;
                    case "bottom" -> Table.Vertical.BOTTOM;
                    default -> Table.Vertical.TOP;
                });
    }

    private static Width width(@Nullable XmlElement element) {
        if (element == null) {
            return Width.AUTO;
        }
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

    private static Table.Margins margins(@Nullable XmlElement element, Table.Margins otherwise) {
        return element == null
                ? otherwise
                : new Table.Margins(
                        margin(element, "top", "top", otherwise.top()),
                        margin(element, "right", "end", otherwise.right()),
                        margin(element, "bottom", "bottom", otherwise.bottom()),
                        margin(element, "left", "start", otherwise.left()));
    }

    private static int margin(XmlElement margins, String name, String logical, int otherwise) {
        XmlElement side = margins.child(name) != null ? margins.child(name) : margins.child(logical);
        Integer width = side == null ? null : Values.twips(side.attribute("w"));
        return width == null ? otherwise : Math.max(0, width);
    }

    private static @Nullable XmlElement child(@Nullable XmlElement parent, String name) {
        return parent == null ? null : parent.child(name);
    }

    /** Lines and grounds of cells: the style's, the table's, those of the cell's place in it, the cell's own. */
    private static final class CellLooks {
        private static final int MOST_EIGHTHS = 96;
        private static final List<String> PLACES = List.of("firstRow", "lastRow", "firstCol", "lastCol");

        private final List<XmlElement> layers = new ArrayList<>();
        private final List<XmlElement> styles;
        private final int rows;
        private final boolean[] used = new boolean[PLACES.size()];

        CellLooks(List<XmlElement> styles, @Nullable XmlElement table, int rows) {
            this.styles = styles;
            this.rows = rows;
            for (XmlElement style : styles) {
                add(child(style, "tblPr"));
            }
            add(table);
            XmlElement look = child(table, "tblLook");
            Integer bits = look == null || look.attribute("val") == null
                    ? null
                    : hexadecimal(String.valueOf(look.attribute("val")));
            for (int i = 0; i < used.length; i++) {
                String said = look == null ? null : look.attribute(PLACES.get(i).replace("Col", "Column"));
                used[i] = said != null
                        ? said.equals("1") || said.equals("true")
                        : bits != null && (bits >> 5 + i & 1) == 1;
            }
        }

        private static @Nullable Integer hexadecimal(String text) {
            try {
                return Integer.parseInt(text, 16);
            } catch (NumberFormatException e) {
                return null;
            }
        }

        private void add(@Nullable XmlElement properties) {
            XmlElement borders = child(properties, "tblBorders");
            if (borders != null) {
                layers.add(borders);
            }
        }

        Place place(int row, int column, int columns) {
            return new Place(row == 0, row == rows - 1, column == 0, column == columns - 1);
        }

        Border.Frame borders(Place place, @Nullable XmlElement own) {
            Border[] out = {Border.NONE, Border.NONE, Border.NONE, Border.NONE};
            for (XmlElement layer : layers) {
                set(out, 0, layer, place.firstRow ? "top" : "insideH", null);
                set(out, 1, layer, place.lastColumn ? "right" : "insideV", place.lastColumn ? "end" : null);
                set(out, 2, layer, place.lastRow ? "bottom" : "insideH", null);
                set(out, 3, layer, place.firstColumn ? "left" : "insideV", place.firstColumn ? "start" : null);
            }
            for (XmlElement properties : conditional(place)) {
                setSides(out, child(properties, "tcBorders"));
            }
            setSides(out, own);
            return new Border.Frame(out[0], out[1], out[2], out[3]);
        }

        Colour shading(Place place, @Nullable XmlElement own) {
            Colour colour = Colour.AUTO;
            for (XmlElement style : styles) {
                colour = fill(child(child(style, "tcPr"), "shd"), colour);
            }
            for (XmlElement properties : conditional(place)) {
                colour = fill(child(properties, "shd"), colour);
            }
            return fill(own, colour);
        }

        private static Colour fill(@Nullable XmlElement shading, Colour otherwise) {
            Colour said = shading == null ? null : PropertyReader.colour(shading.attribute("fill"));
            return said == null ? otherwise : said;
        }

        /** The cell properties the styles have for the cell's place. */
        private List<XmlElement> conditional(Place place) {
            boolean[] holds = {place.firstRow, place.lastRow, place.firstColumn, place.lastColumn};
            List<XmlElement> out = new ArrayList<>();
            for (XmlElement style : styles) {
                for (XmlElement each : style.children("tblStylePr")) {
                    int at = PLACES.indexOf(String.valueOf(each.attribute("type")));
                    XmlElement properties = child(each, "tcPr");
                    if (at >= 0 && used[at] && holds[at] && properties != null) {
                        out.add(properties);
                    }
                }
            }
            return out;
        }

        private static void setSides(Border[] out, @Nullable XmlElement borders) {
            if (borders != null) {
                set(out, 0, borders, "top", null);
                set(out, 1, borders, "right", "end");
                set(out, 2, borders, "bottom", null);
                set(out, 3, borders, "left", "start");
            }
        }

        private static void set(Border[] out, int side, XmlElement borders, String name, @Nullable String logical) {
            XmlElement line = borders.child(name);
            if (line == null && logical != null) {
                line = borders.child(logical);
            }
            if (line != null) {
                out[side] = border(line);
            }
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

        /** Where in its table a cell stands. */
        private record Place(boolean firstRow, boolean lastRow, boolean firstColumn, boolean lastColumn) {}
    }
}
