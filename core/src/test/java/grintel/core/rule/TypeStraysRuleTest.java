package grintel.core.rule;

import org.junit.jupiter.api.Test;

class TypeStraysRuleTest {
    private static final String RULE = "type.strays";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void pastedTextIsOneFindingForEachTypeItBrings() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, Draft.type("Calibri", 22)))
                .text(p -> p.text("A few plain words, then ").text("some others.", Draft.type("Calibri", 22)))
                .text(p -> p.text(Draft.PROSE, Draft.type("Times New Roman", 28)))
                .rule(RULE)
                .areOff("Calibri 11 pt", "Times New Roman 14 pt")
                .at(8, 9)
                .putRight();
    }

    @Test
    void codeAndSymbolsAreNoStrays() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE).text(" x = 1 ", Draft.type("Courier New", 20)))
                .rule(RULE)
                .isMet();
    }
}
