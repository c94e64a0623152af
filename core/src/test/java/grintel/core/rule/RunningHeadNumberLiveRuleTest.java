package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class RunningHeadNumberLiveRuleTest {
    private static final String RULE = "running-head.number-live";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void typedDigitsBecomeALiveNumber() {
        Draft.mla()
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).text("Solvane 1"))
                .rule(RULE)
                .isOff("typed “1”", "a live number")
                .quoting("1")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWhereThereIsNoNumber() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }
}
