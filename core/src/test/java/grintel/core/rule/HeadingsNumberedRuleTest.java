package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class HeadingsNumberedRuleTest {
    private static final String RULE = "headings.numbered";

    private static Draft heading(String words) {
        return Draft.mla().headingStyles().heading("H1", Alignment.LEFT, words, Draft.BOLD);
    }

    @Test
    void met() {
        heading("Oil and Its Price").rule(RULE).isMet();
        heading("12 Lamps on the Quay").rule(RULE).isMet();
    }

    @Test
    void typedNumbersGo() {
        heading("2. Oil")
                .rule(RULE)
                .isOff("typed numbers", "none")
                .andNothingElseIsOff()
                .putRight();
        heading("I. Oil")
                .heading("H1", Alignment.LEFT, "II. Water", Draft.BOLD)
                .rule(RULE)
                .isOff("typed numbers", "none")
                .putRight();
    }

    @Test
    void absentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
