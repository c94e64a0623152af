package grintel.core.rule;

import org.junit.jupiter.api.Test;

class OpeningBylineRuleTest {
    private static final String RULE = "opening.byline";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aDegreeIsAskedAbout() {
        Front.of("apa-7-student")
                .title("Lamps on the Low Canal")
                .line("Marit Solvane, MA")
                .line("Department of Letters, Brackwater College")
                .line("LIT 214: Novels of the Canals")
                .line("Dr. Ilse Tamberg")
                .line("October 9, 2026")
                .over("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("“Marit Solvane, MA”", "“Marit Solvane”")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutAnAuthor() {
        Front.of("mla-9").line("Lamps on the Low Canal").rule(RULE).isAbsent();
    }
}
