package grintel.core.paper;

import java.util.ArrayList;
import java.util.List;

/** Walks through blocks. */
public final class Blocks {
    private Blocks() {}

    /** The paragraphs of these blocks in document order, those in table cells included. */
    public static List<Paragraph> paragraphs(List<Block> blocks) {
        List<Paragraph> out = new ArrayList<>();
        collect(blocks, out);
        return out;
    }

    private static void collect(List<Block> blocks, List<Paragraph> out) {
        for (Block block : blocks) {
            if (block instanceof Paragraph paragraph) {
                out.add(paragraph);
            } else if (block instanceof Table table) {
                for (Table.Row row : table.rows()) {
                    for (Table.Cell cell : row.cells()) {
                        collect(cell.blocks(), out);
                    }
                }
            }
        }
    }

    /** The pieces of other files among these blocks, those in table cells included. */
    public static List<EmbeddedText> embedded(List<Block> blocks) {
        List<EmbeddedText> out = new ArrayList<>();
        for (Block block : blocks) {
            if (block instanceof EmbeddedText text) {
                out.add(text);
            } else if (block instanceof Table table) {
                table.rows().forEach(row -> row.cells().forEach(cell -> out.addAll(embedded(cell.blocks()))));
            }
        }
        return out;
    }

    /** Adds the tables of these blocks in the order in which they begin, those inside tables included. */
    static void collectTables(List<Block> blocks, List<Table> out) {
        for (Block block : blocks) {
            if (block instanceof Table table) {
                out.add(table);
                for (Table.Row row : table.rows()) {
                    for (Table.Cell cell : row.cells()) {
                        collectTables(cell.blocks(), out);
                    }
                }
            }
        }
    }
}
