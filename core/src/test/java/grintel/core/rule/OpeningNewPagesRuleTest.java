package grintel.core.rule;

import org.junit.jupiter.api.Test;

class OpeningNewPagesRuleTest {
    private static final String RULE = "opening.new-pages";
    private static final String TITLE = "Lamps on the Low Canal";

    @Test
    void metByABreakHoweverItIsMade() {
        Front.of("apa-7-student").title(TITLE).student().over(TITLE).rule(RULE).isMet();
        Front.of("apa-7-student")
                .title(TITLE)
                .student()
                .block(out -> out.paragraph(line -> line.pageBreak()))
                .title(TITLE, line -> {})
                .rule(RULE)
                .isMet();
    }

    @Test
    void anAbstractThatTheTextFollowsIsParted() {
        Front.of("apa-7-professional")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .over("Abstract")
                .left(Draft.PROSE)
                .title(TITLE, line -> {})
                .rule(RULE)
                .areOff("in the middle of a page")
                .putRight();
    }

    @Test
    void absentWithoutTitlePage() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
