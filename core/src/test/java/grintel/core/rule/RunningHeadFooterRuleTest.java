package grintel.core.rule;

import grintel.core.paper.Marginals;
import org.junit.jupiter.api.Test;

class RunningHeadFooterRuleTest {
    private static final String RULE = "running-head.footer";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void wordsAtTheFootAreAskedAboutAndPutRight() {
        Draft.mla()
                .sheet(b -> b.footer(Marginals.Variant.DEFAULT, f -> f.text("Draft 2")))
                .rule(RULE)
                .isOff("“Draft 2”", "empty")
                .andNothingElseIsOff()
                .isAsked()
                .putRight();
    }
}
