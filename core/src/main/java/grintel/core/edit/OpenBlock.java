package grintel.core.edit;

import grintel.core.paper.EmbeddedText;
import grintel.core.paper.PropertySet;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A block while its paper is edited. */
sealed interface OpenBlock permits OpenParagraph, OpenBlock.OpenTable, OpenBlock.Untouched {
    /** Text of another file, which stays as it is. */
    record Untouched(EmbeddedText text) implements OpenBlock {}

    /** A table while its paper is edited. */
    final class OpenTable implements OpenBlock {
        final @Nullable String style;
        final List<OpenRow> rows = new ArrayList<>();
        PropertySet direct;
        List<Integer> columns;

        OpenTable(@Nullable String style, PropertySet direct, List<Integer> columns) {
            this.style = style;
            this.direct = direct;
            this.columns = columns;
        }
    }

    /** A row while its paper is edited. */
    final class OpenRow {
        final List<OpenCell> cells = new ArrayList<>();
        PropertySet direct;

        OpenRow(PropertySet direct) {
            this.direct = direct;
        }
    }

    /** A cell while its paper is edited. */
    final class OpenCell {
        final List<OpenBlock> blocks;
        PropertySet direct;

        OpenCell(PropertySet direct, List<OpenBlock> blocks) {
            this.direct = direct;
            this.blocks = blocks;
        }
    }
}
