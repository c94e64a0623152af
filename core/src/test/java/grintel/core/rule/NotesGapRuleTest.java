package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class NotesGapRuleTest {
    private static final String RULE = "notes.gap";

    @Test
    void met() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
    }

    @Test
    void aMissingLineIsSet() {
        Noted.two(
                        Noted.form().andThen(line -> line.set(ParagraphProperties.SPACE_AFTER, 0)),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("0 pt", "one blank line")
                .putRight();
    }

    @Test
    void absentForASingleNote() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
