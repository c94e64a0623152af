package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class TablesLeadingZeroRuleTest {
    private static final String RULE = "tables.leading-zero";

    @Test
    void metWithoutZerosAndWhereAValueMayExceedOne() {
        Tabled.apa()
                .heads("Quay", "M", "p")
                .row("North", "0.31", ".024")
                .row("South", "0.28", "< .001")
                .numbers(Alignment.RIGHT)
                .rule(RULE)
                .isMet();
        Tabled.apa().rule(RULE).isAbsent();
    }

    @Test
    void notAsked() {
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void zerosOfProbabilitiesAndCorrelationsAreTakenOutInCellsAndNotes() {
        Tabled.apa()
                .heads("Quay", "r", "p")
                .row("North", "0.31", "0.024")
                .row("South", "-0.28", "0.041")
                .numbers(Alignment.RIGHT)
                .notes(line -> line.text("Note.", Draft.ITALIC)
                        .text(" Tested at ")
                        .text("p", Draft.ITALIC)
                        .text(" < 0.05."))
                .rule(RULE)
                .isOff("5 zeros", "none")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aMatrixWhoseHeadsAndStubsAgreeHoldsCorrelations() {
        Tabled.apa()
                .heads("Variable", "1", "2")
                .row("1. Lamps", "—", "")
                .row("2. Sums", "0.45", "—")
                .uprightSymbols()
                .rule(RULE)
                .isOff("1 zero", "none")
                .putRight();
    }
}
