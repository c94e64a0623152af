package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class TablesAlignmentRuleTest {
    private static final String RULE = "tables.alignment";

    @Test
    void metByPointsInLineHoweverTheyAreSetThere() {
        Tabled.apa().rule(RULE).isMet();
        Tabled.apa().numbers(Alignment.RIGHT).rule(RULE).isMet();
        Tabled.apa()
                .row("North", "4", "12.3*")
                .row("South", "12", "3.04")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().instead(paper -> {}).captions().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void headsAtTheLeftAreCentred() {
        Tabled.apa()
                .headings(Alignment.LEFT)
                .rule(RULE)
                .isOff("at the left of the column", "centred")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void numbersOutOfLineAreSetOneUnderTheOther() {
        Tabled.apa()
                .row("North", "4", "12.31")
                .row("South", "1,204", "3.04")
                .rule(RULE)
                .isOff("out of line", "in line, by their points or at the right")
                .andNothingElseIsOff()
                .putRight();
    }
}
