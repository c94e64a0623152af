package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TablesVerticalsRuleTest {
    private static final String RULE = "tables.verticals";

    @Test
    void metWithoutAny() {
        Tabled.apa().rule(RULE).isMet();
        Tabled.of("chicago-notes").ground(0xFFFFFF).rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().instead(paper -> {}).captions().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void linesAndGroundsAreTakenAway() {
        Tabled.apa()
                .boxed()
                .ground(0xDDDDDD)
                .rule(RULE)
                .areOff("4 vertical rules", "3 shaded cells")
                .andNothingElseIsOffBut("tables.rules")
                .putRight();
    }
}
