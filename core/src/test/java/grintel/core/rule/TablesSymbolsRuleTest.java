package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TablesSymbolsRuleTest {
    private static final String RULE = "tables.symbols";

    @Test
    void metByItalicSymbols() {
        Tabled.apa().rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().heads("Quay", "Lamps", "Sums").uprightSymbols().rule(RULE).isAbsent();
        Tabled.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void uprightSymbolsInHeadsAndNotesAreSlanted() {
        Tabled.apa()
                .heads("Quay", "n", "M (SD)")
                .row("North", "14", "2.31 (0.20)")
                .row("South", "12", "3.04 (0.31)")
                .uprightSymbols()
                .notes(line -> line.text("*p < .05."))
                .rule(RULE)
                .isOff("upright", "italic")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void wordsOfAProgramGiveWayToSymbols() {
        Tabled.apa()
                .heads("Quay", "N", "Std. Deviation")
                .rule(RULE)
                .isOff("“Std. Deviation”", "“SD”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void greekLettersAndAbbreviationsAreUpright() {
        Tabled.apa()
                .heads("Quay", "n", "95% CI")
                .rule(RULE)
                .isOff("italic", "upright")
                .putRight();
    }
}
