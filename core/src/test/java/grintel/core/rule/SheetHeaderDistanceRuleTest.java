package grintel.core.rule;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class SheetHeaderDistanceRuleTest {
    private static final String RULE = "sheet.header-distance";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void anotherDistanceIsOffAndPutRight() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.HEADER_DISTANCE, 576))
                .rule(RULE)
                .isOff("0.4 in", "0.5 in")
                .andNothingElseIsOff()
                .putRight();
    }
}
