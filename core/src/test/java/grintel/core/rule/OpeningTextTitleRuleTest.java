package grintel.core.rule;

import org.junit.jupiter.api.Test;

class OpeningTextTitleRuleTest {
    private static final String RULE = "opening.text-title";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front apa() {
        return Front.of("apa-7-student").title(TITLE).student();
    }

    @Test
    void metWhateverTheCase() {
        apa().over(TITLE).rule(RULE).isMet();
        apa().over("Lamps on the low canal").rule(RULE).isMet();
    }

    @Test
    void aMissingTitleIsSetAndTheBreakGoesToIt() {
        apa().block(out -> out.paragraph(line -> line.pageBreak()))
                .rule(RULE)
                .isOff("no title", "“Lamps on the Low Canal”")
                .putRight();
    }

    @Test
    void otherWordsAreReplaced() {
        apa().over("Lamps")
                .rule(RULE)
                .isOff("“Lamps”", "“Lamps on the Low Canal”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutTitlePage() {
        Draft.mla().guide("apa-7-student").rule(RULE).isAbsent();
    }
}
