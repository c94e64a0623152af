package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class NotesSpacingRuleTest {
    private static final String RULE = "notes.spacing";

    @Test
    void met() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
    }

    @Test
    void doubledNotesAreClosedUp() {
        Noted.two(
                        Noted.form().andThen(line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("2 lines", "1 line")
                .putRight();
    }

    @Test
    void absentWithoutNotes() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
