package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TablesRulesRuleTest {
    private static final String RULE = "tables.rules";

    @Test
    void metByThreeRulesAndByOneMoreAboveATotal() {
        Tabled.apa().rule(RULE).isMet();
        Tabled.apa().row("Total", "26", "2.70").boxed().rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().instead(paper -> {}).captions().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void rulesBetweenRowsAreTakenAway() {
        RuleCase after = Tabled.apa()
                .boxed()
                .rule(RULE)
                .isOff("1 rule", "none")
                .andNothingElseIsOffBut("tables.verticals")
                .putRight();
        after.isMet("a rule", "a rule");
    }

    @Test
    void aTableWithoutAnyIsRuled() {
        Tabled.apa()
                .unruled()
                .rule(RULE)
                .areOff("no rule", "no rule", "no rule")
                .andNothingElseIsOff()
                .putRight();
    }
}
