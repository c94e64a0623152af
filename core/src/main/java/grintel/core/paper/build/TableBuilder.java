package grintel.core.paper.build;

import grintel.core.paper.CellProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Width;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/** Gathers a table row by row. */
public final class TableBuilder implements BlockList.BlockDraft {
    final List<RowDraft> rows = new ArrayList<>();
    List<Integer> columns = List.of();
    PropertySet direct = PropertySet.empty();

    @Nullable
    String style;

    TableBuilder() {}

    /** Names the table's style. */
    public TableBuilder style(String id) {
        style = id;
        return this;
    }

    /** Sets a property of the table. */
    public <T> TableBuilder set(Property<T> property, T value) {
        direct = direct.with(property, value);
        return this;
    }

    /** Widths of the grid's columns in twips. */
    public TableBuilder columns(List<Integer> widths) {
        columns = List.copyOf(widths);
        return this;
    }

    /** Adds a row. */
    public TableBuilder row(Consumer<RowBuilder> content) {
        RowBuilder row = new RowBuilder();
        content.accept(row);
        rows.add(new RowDraft(row.direct, row.cells));
        return this;
    }

    /**
     * Adds a row of cells of one paragraph each.
     *
     * @param widths of the cells in twips
     * @param paragraph what the paragraphs say
     */
    public TableBuilder row(List<Integer> widths, List<String> texts, PropertySet paragraph) {
        return row(row -> {
            for (int i = 0; i < texts.size(); i++) {
                String text = texts.get(i);
                Width width = Width.twips(widths.get(i));
                row.cell(
                        format -> format.set(CellProperties.WIDTH, width),
                        blocks -> blocks.paragraph(each -> each.set(paragraph).text(text)));
            }
        });
    }

    record RowDraft(PropertySet direct, List<CellDraft> cells) {}

    record CellDraft(PropertySet direct, BlockList blocks) {}

    /** Gathers a row cell by cell. */
    public static final class RowBuilder {
        private final List<CellDraft> cells = new ArrayList<>();
        private PropertySet direct = PropertySet.empty();

        /** Sets a property of the row. */
        public <T> RowBuilder set(Property<T> property, T value) {
            direct = direct.with(property, value);
            return this;
        }

        /** Whether it has no cell yet. */
        public boolean isEmpty() {
            return cells.isEmpty();
        }

        /** Adds a cell of these properties and this content. */
        public RowBuilder cell(Consumer<PropertySet.Builder> format, Consumer<BlockList> content) {
            PropertySet.Builder properties = new PropertySet.Builder();
            format.accept(properties);
            BlockList blocks = new BlockList();
            content.accept(blocks);
            cells.add(new CellDraft(properties.build(), blocks));
            return this;
        }
    }
}
