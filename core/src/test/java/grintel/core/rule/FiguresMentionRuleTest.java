package grintel.core.rule;

import org.junit.jupiter.api.Test;

class FiguresMentionRuleTest {
    private static final String RULE = "figures.mention";

    @Test
    void metByItsNumberHoweverTheWordIsWritten() {
        Figured.apa().rule(RULE).isMet();
        Figured.of("mla-9").mention("They are drawn (see fig. 1).").rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void oneNobodySpeaksOfIsTold() {
        Figured.apa()
                .mention("They are drawn in the figure above.")
                .rule(RULE)
                .areOff("not mentioned", "“the figure above”")
                .andNothingElseIsOff()
                .isForTheWriter();
    }
}
