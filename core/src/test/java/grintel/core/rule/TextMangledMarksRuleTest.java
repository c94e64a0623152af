package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TextMangledMarksRuleTest {
    private static final String RULE = "text.mangled-marks";

    @Test
    void met() {
        Draft.mla()
                .text(line -> line.text("A notice of © 2016 stands on the Lampworks® tin."))
                .rule(RULE)
                .isMet();
    }

    @Test
    void lettersMayHaveBeenMeant() {
        Draft.mla()
                .text(line -> line.text("Three points follow: (a) oil, (b) wicks, © glass."))
                .rule(RULE)
                .isOff("“©”", "none")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }
}
