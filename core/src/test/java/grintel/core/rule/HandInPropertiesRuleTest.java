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

    @Test
    void theFileIsToldTheTitleWithAllItsLines() {
        assertThat(title("Night Work:", "Lamps of the Low Canal")).isEqualTo("Night Work: Lamps of the Low Canal");
        assertThat(title("Night Work", "A Study of Three Novels")).isEqualTo("Night Work: A Study of Three Novels");
        assertThat(title("Lamps and Lanterns", "of the Low Canal")).isEqualTo("Lamps and Lanterns of the Low Canal");
    }

    private static String title(String one, String two) {
        return Front.mla()
                .line(one)
                .line(two)
                .rule(RULE)
                .areOff("“Lamps on the Low Canal”")
                .putRight()
                .paper()
                .properties()
                .title();
    }
}
