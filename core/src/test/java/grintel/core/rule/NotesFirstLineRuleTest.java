package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class NotesFirstLineRuleTest {
    private static final String RULE = "notes.first-line";

    @Test
    void met() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
    }

    @Test
    void flushAndHangingNotesAreSetIn() {
        Noted.two(
                        Noted.form().andThen(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 0)),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("0 in", "0.5 in")
                .putRight();
        Noted.two(
                        Noted.form()
                                .andThen(line -> line.set(ParagraphProperties.INDENT_LEFT, 720)
                                        .set(ParagraphProperties.INDENT_FIRST_LINE, -720)),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .areOff("0 in", "0.5 in")
                .putRight();
    }

    @Test
    void absentWithoutNotesAndNotAskedInApa() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("apa-7-student").rule(RULE).isNotAsked();
    }
}
