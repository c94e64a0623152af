package grintel.core.rule;

import grintel.core.guide.Facts;
import org.junit.jupiter.api.Test;

class HandInLengthRuleTest {
    private static final String RULE = "hand-in.length";

    @Test
    void absentWithoutALimit() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void theWordsOfTheTextAreCountedAgainstTheFacts() {
        Draft.mla().facts(Facts.parse("facts", "{word-limit: 130}")).rule(RULE).isMet();
        RuleCase off = Draft.mla()
                .facts(Facts.parse("facts", "{word-limit: 100, page-limit: 1}"))
                .rule(RULE)
                .areOff("128 words", "2 pages");
        off.isForTheWriter();
    }
}
