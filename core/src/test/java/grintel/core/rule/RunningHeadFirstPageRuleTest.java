package grintel.core.rule;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class RunningHeadFirstPageRuleTest {
    private static final String RULE = "running-head.first-page";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aFirstPageWithoutTheHeaderIsThisFindingAndNothingElse() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true))
                .rule(RULE)
                .isOff("no header", "as on the other pages")
                .andNothingElseIsOff()
                .putRight();
    }
}
