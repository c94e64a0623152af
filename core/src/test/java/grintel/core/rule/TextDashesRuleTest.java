package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TextDashesRuleTest {
    private static final String RULE = "text.dashes";

    private static RuleCase apa(String words) {
        return Draft.mla()
                .guide("apa-7-student")
                .text(line -> line.text(words + " " + Draft.PROSE))
                .rule(RULE);
    }

    @Test
    void met() {
        apa("The lamp—lit at dusk—is a well-known one; see pages 4–19.").isMet();
    }

    @Test
    void typedDashesAreReplaced() {
        apa("The lamp--lit at dusk -- is known.")
                .isOff("two hyphens", "a dash without spaces")
                .putRight();
        apa("The lamp - lit at dusk - is known.")
                .isOff("a hyphen with spaces", "a dash without spaces")
                .quoting("lamp - lit", "dusk - is")
                .putRight();
    }

    @Test
    void aHyphenInARangeIsAskedAboutAndMlaLetsItStand() {
        apa("The years 1914-1918 were dark.")
                .isOff("a hyphen", "an en dash")
                .isAsked()
                .putRight();
        Draft.mla()
                .text(line -> line.text("The years 1914-1918 were dark."))
                .rule(RULE)
                .isMet();
    }

    @Test
    void linksAndNumbersThatAreNoRangesAreLeftAlone() {
        apa("Call 555-0142, or see https://quay.example/a--b/12-34 and model 7-3.")
                .isMet();
    }
}
