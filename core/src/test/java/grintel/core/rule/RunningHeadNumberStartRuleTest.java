package grintel.core.rule;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class RunningHeadNumberStartRuleTest {
    private static final String RULE = "running-head.number-start";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void numbersStartAtOne() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.PAGE_NUMBER_START, 3))
                .rule(RULE)
                .isOff("3", "1")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aSectionThatStartsAgainIsOffAndRunsOnAfter() {
        Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.section(SectionProperties.PAGE_NUMBER_START, 1))
                .rule(RULE)
                .isOff("starts again at 1", "runs on")
                .putRight();
    }
}
