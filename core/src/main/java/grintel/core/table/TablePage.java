package grintel.core.table;

import grintel.core.compose.SinglePage;
import grintel.core.guide.Guide;
import grintel.core.paper.Paper;

/** A made table by itself on a page in the type and between the margins the guide asks for. */
public final class TablePage {

    private TablePage() {}

    /** The page, the table's number being this. */
    public static Paper of(MadeTable table, Guide guide, int number) {
        return SinglePage.of(guide, new TableBlocks(table, guide, SinglePage.MEASURE, "Normal").blocks(number));
    }
}
