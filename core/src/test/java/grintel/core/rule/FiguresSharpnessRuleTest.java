package grintel.core.rule;

import org.junit.jupiter.api.Test;

class FiguresSharpnessRuleTest {
    private static final String RULE = "figures.sharpness";

    @Test
    void metByEnoughDotsForItsSize() {
        Figured.apa().rule(RULE).isMet("300 dots per inch", "150 dots per inch at least");
        Figured.apa().pixels(900, 300).rule(RULE).isMet();
    }

    @Test
    void aPictureWhoseDotsAreNotKnownIsNotMeasured() {
        Figured.with(9_000_000, "a lamp").rule(RULE).isAbsent();
    }

    @Test
    void tooFewAreTheWritersWork() {
        Figured.apa()
                .pixels(600, 240)
                .rule(RULE)
                .isOff("100 dots per inch", "150 dots per inch at least")
                .andNothingElseIsOff()
                .isForTheWriter();
    }
}
