package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class TablesPValuesRuleTest {
    private static final String RULE = "tables.p-values";

    @Test
    void metByTwoOrThreePlacesAndByLessThan() {
        Tabled.apa()
                .heads("Quay", "M", "p")
                .row("North", "2.31", ".024")
                .row("South", "3.04", "< .001")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void zeroProbabilitiesAndTooManyPlacesArePutRight() {
        Tabled.apa()
                .heads("Quay", "M", "p")
                .row("North", "2.31", ".000")
                .row("South", "3.04", ".02417")
                .row("West", "3.11", "0.0002")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .areOff("“.000”", "“.02417”", "“0.0002”")
                .andNothingElseIsOffBut("tables.leading-zero")
                .putRight();
    }

    @Test
    void onePlaceAloneIsTheWritersWork() {
        Tabled.apa()
                .heads("Quay", "M", "p")
                .row("North", "2.31", ".3")
                .row("South", "3.04", ".024")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isOff("“.3”", "two or three places, or “< .001”")
                .isForTheWriter();
    }
}
