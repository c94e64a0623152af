package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Facts;
import org.junit.jupiter.api.Test;

class HandInPropertiesRuleTest {
    private static final String RULE = "hand-in.properties";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void theFileSaysWhatThePaperSays() {
        RuleCase after = Draft.mla()
                .facts(Facts.parse("facts", "{title: Lamps, authors: [{given: Marit, surname: Keel}]}"))
                .rule(RULE)
                .areOff("“Marit Solvane”")
                .putRight();
        assertThat(after.paper().properties().author()).isEqualTo("Marit Keel");
    }
}
