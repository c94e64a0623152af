package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesNewPageRuleTest {
    private static final String RULE = "appendices.new-page";

    @Test
    void metAndAbsent() {
        Appended.goodPapersMeet(RULE);
    }

    @Test
    void oneThatFollowsTheListIsPutOnAPageOfItsOwn() {
        Appended.apa("They are in the Appendix.", "Appendix")
                .runOn()
                .rule(RULE)
                .areOff("in the middle of a page")
                .andNothingElseIsOff()
                .putRight();
    }
}
