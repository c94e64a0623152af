package grintel.core.rule;

import org.junit.jupiter.api.Test;

class FiguresNoteRuleTest {
    private static final String RULE = "figures.note";

    @Test
    void met() {
        Figured.apa()
                .note(line -> line.text("Note.", Draft.ITALIC).text(" Drawn at night."))
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentAndNotAsked() {
        Figured.apa().rule(RULE).isAbsent();
        Figured.of("mla-9").rule(RULE).isNotAsked();
    }

    @Test
    void anotherOpeningIsPutRight() {
        Figured.apa()
                .note(line -> line.text("Notes: Drawn at night."))
                .rule(RULE)
                .areOff("“Notes:”", "upright")
                .andNothingElseIsOff()
                .putRight();
    }
}
