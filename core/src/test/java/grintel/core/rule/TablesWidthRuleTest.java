package grintel.core.rule;

import grintel.core.paper.PropertySet;
import grintel.core.paper.TableProperties;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class TablesWidthRuleTest {
    private static final String RULE = "tables.width";

    private static Draft with(int columnWidth, int columns) {
        List<Integer> widths = Collections.nCopies(columns, columnWidth);
        List<String> cells = Collections.nCopies(columns, "14");
        return Draft.mla()
                .add(paper -> paper.paragraph("Table 1"))
                .add(paper -> paper.paragraph("Lamps and Sums"))
                .add(paper -> paper.table(table -> {
                    table.columns(widths).set(TableProperties.FIXED, true);
                    table.row(widths, cells, PropertySet.empty()).row(widths, cells, PropertySet.empty());
                }))
                .add(paper -> paper.paragraph("Source: Counted by hand."))
                .text(line -> line.text("They are counted in Table 1. " + Draft.PROSE));
    }

    @Test
    void metWithinTheMarginsAndByCellsThatHangIntoThem() {
        with(3000, 3).rule(RULE).isMet();
        with(4680 + 60, 2).rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutTablesHasNothingToMeasure() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void oneThatIsTooWideIsNarrowedInProportion() {
        with(3500, 3)
                .rule(RULE)
                .areOff("0.79 in beyond a margin")
                .andNothingElseIsOff()
                .putRight();
    }
}
