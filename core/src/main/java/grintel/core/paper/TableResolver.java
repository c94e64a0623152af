package grintel.core.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Works out the looks of one table's cells: its style, what the table says of all cells, what the style says for the
 * cell's place, the cell itself (ISO 29500-1 §17.4, §17.7.6).
 */
public final class TableResolver {
    private static final Map<Property<Border>, Property<Border>> SIDES = Map.of(
            CellProperties.BORDER_TOP, TableProperties.BORDER_TOP,
            CellProperties.BORDER_RIGHT, TableProperties.BORDER_RIGHT,
            CellProperties.BORDER_BOTTOM, TableProperties.BORDER_BOTTOM,
            CellProperties.BORDER_LEFT, TableProperties.BORDER_LEFT);
    private static final Map<Property<Integer>, Property<Integer>> MARGINS = Map.of(
            CellProperties.MARGIN_TOP, TableProperties.MARGIN_TOP,
            CellProperties.MARGIN_RIGHT, TableProperties.MARGIN_RIGHT,
            CellProperties.MARGIN_BOTTOM, TableProperties.MARGIN_BOTTOM,
            CellProperties.MARGIN_LEFT, TableProperties.MARGIN_LEFT);

    private final @Nullable Style style;
    private final List<Style> chain;
    private final PropertySet direct;
    private final Formatting format;
    private final int rows;

    TableResolver(StyleSheet styles, @Nullable String styleId, PropertySet direct, int rows) {
        this.style = styles.effective(styleId, Style.Kind.TABLE);
        this.chain = styles.chain(style);
        this.direct = direct;
        this.rows = rows;
        Formatting at = Formatting.initial(TableProperties.ALL);
        for (Style each : chain) {
            TableLayer whole = each.table().get(TableCondition.WHOLE);
            at = whole == null ? at : at.under(new Origin.OfStyle(each.id()), whole.table());
        }
        this.format = at.underDirect(direct);
    }

    /** The style that holds, or null. */
    public @Nullable Style style() {
        return style;
    }

    /** The formatting of the table as a whole. */
    public Formatting format() {
        return format;
    }

    /** The formatting of a row. */
    public Formatting row(PropertySet own) {
        Formatting at = Formatting.initial(RowProperties.ALL);
        for (Style each : chain) {
            TableLayer whole = each.table().get(TableCondition.WHOLE);
            at = whole == null ? at : at.under(new Origin.OfStyle(each.id()), whole.row());
        }
        return at.underDirect(own);
    }

    /**
     * A cell's formatting, and what the table says for the text in it.
     *
     * @param row counted from 0
     * @param column counted from 0 among the cells of the row
     * @param columns how many cells the row has
     * @param own what the cell itself says
     */
    public CellLook cell(int row, int column, int columns, PropertySet own) {
        Place place = new Place(row, column, columns);
        List<TableLayers.Layer> text = new ArrayList<>();
        Formatting at = Formatting.initial(CellProperties.ALL);
        for (Style each : chain) {
            Origin origin = new Origin.OfStyle(each.id());
            text.add(new TableLayers.Layer(origin, each.paragraph(), each.character()));
            TableLayer whole = each.table().get(TableCondition.WHOLE);
            if (whole != null) {
                at = at.under(origin, ofTable(whole.table(), place)).under(origin, ofCells(whole.cell(), place, null));
            }
        }
        at = at.under(new Origin.OfTable(), ofTable(direct, place));
        for (TableCondition condition : conditions(place)) {
            for (Style each : chain) {
                TableLayer layer = each.table().get(condition);
                if (layer != null) {
                    Origin origin = new Origin.OfTableStyle(each.id(), condition);
                    text.add(new TableLayers.Layer(origin, layer.paragraph(), layer.character()));
                    at = at.under(origin, ofCells(layer.cell(), place, condition));
                }
            }
        }
        return new CellLook(at.underDirect(own), new TableLayers(text));
    }

    /** What a table says, as it holds for a cell at a place. */
    private PropertySet ofTable(PropertySet table, Place place) {
        if (table.isEmpty()) {
            return table;
        }
        PropertySet out = PropertySet.empty();
        for (Map.Entry<Property<Integer>, Property<Integer>> margin : MARGINS.entrySet()) {
            out = out.with(margin.getKey(), table.get(margin.getValue()));
        }
        Map<Property<Border>, Boolean> outer = outerSides(place, null);
        for (Map.Entry<Property<Border>, Property<Border>> side : SIDES.entrySet()) {
            boolean across =
                    side.getKey() == CellProperties.BORDER_TOP || side.getKey() == CellProperties.BORDER_BOTTOM;
            Property<Border> inside =
                    across ? TableProperties.BORDER_INSIDE_ACROSS : TableProperties.BORDER_INSIDE_DOWN;
            boolean outside = Boolean.TRUE.equals(outer.get(side.getKey()));
            out = out.with(side.getKey(), table.get(outside ? side.getValue() : inside));
        }
        return out;
    }

    /** What a part of a style says for its cells, as it holds for one of them: its inner lines are not its outer ones. */
    private PropertySet ofCells(PropertySet cells, Place place, @Nullable TableCondition condition) {
        if (cells.isEmpty()) {
            return cells;
        }
        PropertySet out =
                cells.with(CellProperties.BORDER_INSIDE_ACROSS, null).with(CellProperties.BORDER_INSIDE_DOWN, null);
        for (Map.Entry<Property<Border>, Boolean> side :
                outerSides(place, condition).entrySet()) {
            if (!side.getValue()) {
                boolean across =
                        side.getKey() == CellProperties.BORDER_TOP || side.getKey() == CellProperties.BORDER_BOTTOM;
                out = out.with(
                        side.getKey(),
                        cells.get(across ? CellProperties.BORDER_INSIDE_ACROSS : CellProperties.BORDER_INSIDE_DOWN));
            }
        }
        return out;
    }

    /** Which sides of a cell lie at the edge of the cells a condition is for; of the whole table for null. */
    private Map<Property<Border>, Boolean> outerSides(Place place, @Nullable TableCondition condition) {
        boolean ofRow = false;
        boolean ofColumn = false;
        if (condition != null) {
            switch (condition) {
                case WHOLE -> {}
                case FIRST_ROW, LAST_ROW, ODD_ROW_BAND, EVEN_ROW_BAND -> ofRow = true;
                case FIRST_COLUMN, LAST_COLUMN, ODD_COLUMN_BAND, EVEN_COLUMN_BAND -> ofColumn = true;
                case TOP_LEFT, TOP_RIGHT, BOTTOM_LEFT, BOTTOM_RIGHT -> {
                    ofRow = true;
                    ofColumn = true;
                }
            }
        }
        Map<Property<Border>, Boolean> outer = new LinkedHashMap<>();
        outer.put(CellProperties.BORDER_TOP, ofRow || place.row == 0);
        outer.put(CellProperties.BORDER_BOTTOM, ofRow || place.row == rows - 1);
        outer.put(CellProperties.BORDER_LEFT, ofColumn || place.column == 0);
        outer.put(CellProperties.BORDER_RIGHT, ofColumn || place.column == place.columns - 1);
        return outer;
    }

    /** The conditional parts of a style that hold for a cell, in the order in which they are laid over each other. */
    private List<TableCondition> conditions(Place place) {
        TableLook look = format.get(TableProperties.LOOK);
        boolean firstRow = look.firstRow() && place.row == 0;
        boolean lastRow = look.lastRow() && place.row == rows - 1;
        boolean firstColumn = look.firstColumn() && place.column == 0;
        boolean lastColumn = look.lastColumn() && place.column == place.columns - 1;
        List<TableCondition> out = new ArrayList<>();
        if (look.columnBands() && !firstColumn && !lastColumn) {
            int band = (place.column - (look.firstColumn() ? 1 : 0)) / size(TableProperties.COLUMNS_IN_BAND);
            out.add(band % 2 == 0 ? TableCondition.ODD_COLUMN_BAND : TableCondition.EVEN_COLUMN_BAND);
        }
        if (look.rowBands() && !firstRow && !lastRow) {
            int band = (place.row - (look.firstRow() ? 1 : 0)) / size(TableProperties.ROWS_IN_BAND);
            out.add(band % 2 == 0 ? TableCondition.ODD_ROW_BAND : TableCondition.EVEN_ROW_BAND);
        }
        add(out, firstRow, TableCondition.FIRST_ROW);
        add(out, lastRow, TableCondition.LAST_ROW);
        add(out, firstColumn, TableCondition.FIRST_COLUMN);
        add(out, lastColumn, TableCondition.LAST_COLUMN);
        add(out, firstRow && firstColumn, TableCondition.TOP_LEFT);
        add(out, firstRow && lastColumn, TableCondition.TOP_RIGHT);
        add(out, lastRow && firstColumn, TableCondition.BOTTOM_LEFT);
        add(out, lastRow && lastColumn, TableCondition.BOTTOM_RIGHT);
        return out;
    }

    private int size(Property<Integer> band) {
        return Math.max(1, format.get(band));
    }

    private static void add(List<TableCondition> out, boolean holds, TableCondition condition) {
        if (holds) {
            out.add(condition);
        }
    }

    /** How a cell looks, and what its table says for the text in it. */
    public record CellLook(Formatting format, TableLayers text) {}

    private record Place(int row, int column, int columns) {}
}
