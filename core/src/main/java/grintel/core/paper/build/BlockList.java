package grintel.core.paper.build;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;

/** Paragraphs and tables one below the other: of a section, a header, a note, a table cell or a box of text. */
public final class BlockList {
    final List<BlockDraft> drafts = new ArrayList<>();

    BlockList() {}

    /** Adds a paragraph. */
    public BlockList paragraph(Consumer<ParagraphBuilder> content) {
        ParagraphBuilder paragraph = new ParagraphBuilder();
        content.accept(paragraph);
        drafts.add(paragraph);
        return this;
    }

    /** Adds a paragraph of one run without formatting of its own. */
    public BlockList paragraph(String text) {
        return paragraph(paragraph -> paragraph.text(text));
    }

    /** Adds a table. */
    public BlockList table(Consumer<TableBuilder> content) {
        TableBuilder table = new TableBuilder();
        content.accept(table);
        drafts.add(table);
        return this;
    }

    void endSection() {
        BlockDraft last = drafts.isEmpty() ? null : drafts.get(drafts.size() - 1);
        if (!(last instanceof ParagraphBuilder paragraph)) {
            throw new IllegalStateException("Only a paragraph can end a section");
        }
        paragraph.endsSection = true;
    }

    /** What is gathered of a block. */
    sealed interface BlockDraft permits ParagraphBuilder, TableBuilder {}
}
