package grintel.server.paper;

import grintel.core.paper.Paper;
import grintel.core.paper.Section;
import grintel.core.paper.Table;

/** Counts what a paper holds. */
final class Counts {
    private Counts() {}

    static int tables(Paper paper) {
        int tables = 0;
        for (Section section : paper.sections()) {
            tables += (int)
                    section.blocks().stream().filter(Table.class::isInstance).count();
        }
        return tables;
    }
}
