package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class TablesDecimalsRuleTest {
    private static final String RULE = "tables.decimals";

    @Test
    void metByAColumnOfOneMeasureAndByARowOfAnother() {
        Tabled.apa().rule(RULE).isMet();
        Tabled.apa()
                .heads("Measure", "North", "South")
                .row("Mean time", "2.31", "3.04")
                .row("Longest time", "4.10", "5.22")
                .row("Lamps", "14", "12")
                .uprightSymbols()
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().instead(paper -> {}).captions().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void moreDecimalsThanTheOthersAreRoundedOnBeingAsked() {
        Tabled.apa()
                .row("North", "14", "2.31")
                .row("South", "12", "3.047")
                .row("West", "11", "1.98")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isOff("3 decimals", "2 decimals")
                .andNothingElseIsOff()
                .isAsked()
                .putRight();
    }

    @Test
    void fewerAreTheWritersWork() {
        Tabled.apa()
                .row("North", "14", "2.31")
                .row("South", "12", "3.0")
                .row("West", "11", "1.98")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isOff("1 decimal", "2 decimals")
                .isForTheWriter();
    }
}
