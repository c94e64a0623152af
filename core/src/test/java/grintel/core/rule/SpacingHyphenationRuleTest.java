package grintel.core.rule;

import org.junit.jupiter.api.Test;

class SpacingHyphenationRuleTest {
    private static final String RULE = "spacing.hyphenation";

    @Test
    void met() {
        Draft.mla().guide("apa-7-student").rule(RULE).isMet();
    }

    @Test
    void automaticHyphenationIsTurnedOff() {
        Draft.mla()
                .guide("apa-7-student")
                .sheet(b -> b.settings(settings -> settings.withHyphenation(true)))
                .rule(RULE)
                .isOff("on", "off")
                .putRight();
    }

    @Test
    void notAskedWhereTheGuideSaysNothing() {
        Draft.mla()
                .sheet(b -> b.settings(settings -> settings.withHyphenation(true)))
                .rule(RULE)
                .isNotAsked();
    }
}
