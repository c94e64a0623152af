package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class RunningHeadTypeRuleTest {
    private static final String RULE = "running-head.type";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aHeaderInAnotherTypeIsSetInThatOfTheText() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("Solvane ", Draft.type("Calibri", 22))
                        .pageNumber(Draft.type("Calibri", 22)))
                .rule(RULE)
                .isOff("Calibri 11 pt", "Times New Roman 12 pt")
                .andNothingElseIsOff()
                .putRight();
    }
}
