package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesTitleRuleTest {
    private static final String RULE = "appendices.title";

    @Test
    void metAndAbsent() {
        Appended.goodPapersMeet(RULE);
    }

    @Test
    void anAppendixWithoutATitleIsTheWritersWork() {
        Appended.apa("They are in the Appendix.", "Appendix")
                .withoutTitles()
                .rule(RULE)
                .isOff("no title", "all there")
                .isForTheWriter();
    }
}
