package grintel.core.rule;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class SheetMarginsRuleTest {
    private static final String RULE = "sheet.margins";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void eachSideIsOneFinding() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1800).section(SectionProperties.MARGIN_TOP, 1152))
                .rule(RULE)
                .areOff("0.8 in", "1.25 in")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void theGutterIsAddedIn() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.GUTTER, 360))
                .rule(RULE)
                .isOff("1.25 in", "1 in")
                .putRight();
    }

    @Test
    void whatRoundsToTheSameIsMet() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1440 + 28))
                .rule(RULE)
                .isMet();
    }
}
