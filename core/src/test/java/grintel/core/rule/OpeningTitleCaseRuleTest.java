package grintel.core.rule;

import org.junit.jupiter.api.Test;

class OpeningTitleCaseRuleTest {
    private static final String RULE = "opening.title-case";

    private static RuleCase mla(String title) {
        return Front.mla().line(title).rule(RULE);
    }

    @Test
    void met() {
        mla("Lamps on the Low Canal: A Night among the Keepers").isMet();
    }

    @Test
    void smallWordsAndLongOnesAreAskedAbout() {
        mla("Lamps On The low canal")
                .isOff("“Lamps On The low canal”", "“Lamps on the Low Canal”")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aShoutedTitleIsSpokenAgain() {
        mla("LAMPS ON THE LOW CANAL")
                .isOff("“LAMPS ON THE LOW CANAL”", "“Lamps on the Low Canal”")
                .putRight();
    }

    @Test
    void longPrepositionsFollowTheGuide() {
        mla("Lamps Between the Locks").isOff("“Lamps Between the Locks”", "“Lamps between the Locks”");
        Front.of("apa-7-student")
                .title("Lamps Between the Locks")
                .student()
                .over("Lamps Between the Locks")
                .rule(RULE)
                .isMet();
    }

    @Test
    void aTitleOverSeveralLinesIsReadAsOne() {
        lines("Lamps and Lanterns of", "the Low Canal").isMet();
        lines("Lamps and Lanterns", "of the Low Canal").isMet();
        lines("Night Work:", "A Study of Three Novels").isMet();
        lines("Lamps and Lanterns of", "The Low Canal").areOff("“The Low Canal”");
    }

    private static RuleCase lines(String one, String two) {
        return Front.mla().line(one).line(two).rule(RULE);
    }
}
