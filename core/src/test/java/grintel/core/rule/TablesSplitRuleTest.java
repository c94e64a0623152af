package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import java.util.List;
import org.junit.jupiter.api.Test;

class TablesSplitRuleTest {
    private static final String RULE = "tables.split";
    private static final List<Integer> WIDTHS = List.of(4000, 4000);

    private static Draft with(int rows, boolean repeated) {
        return Draft.mla()
                .add(paper -> paper.paragraph("Table 1"))
                .add(paper -> paper.paragraph("Lamps and Sums"))
                .add(paper -> paper.table(table -> {
                    table.columns(WIDTHS);
                    table.row(row -> {
                        if (repeated) {
                            row.set(RowProperties.REPEATS, true);
                        }
                        for (String head : List.of("Quay", "Lamps")) {
                            row.cell(format -> {}, blocks -> blocks.paragraph(head));
                        }
                    });
                    for (int i = 0; i < rows; i++) {
                        table.row(
                                WIDTHS,
                                List.of("North", "14"),
                                PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, false));
                    }
                }))
                .add(paper -> paper.paragraph("Source: Counted by hand."))
                .text(line -> line.text("They are counted in Table 1. " + Draft.PROSE));
    }

    @Test
    void metOnOnePageAndByHeadsThatRepeat() {
        with(3, false).rule(RULE).isMet();
        with(40, true).rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutTablesHasNothingToMeasure() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void headsThatStandOnTheFirstPageOnlyArePutRight() {
        with(40, false)
                .rule(RULE)
                .isOff("heads on the first page only", "heads on each page")
                .andNothingElseIsOff()
                .putRight();
    }
}
