package grintel.core.rule;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class SheetColumnsRuleTest {
    private static final String RULE = "sheet.columns";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void twoColumnsAreOffAndPutRight() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.COLUMNS, 2))
                .rule(RULE)
                .isOff("2 columns", "1 column")
                .putRight();
    }
}
