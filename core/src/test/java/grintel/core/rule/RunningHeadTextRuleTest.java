package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadTextRuleTest {
    private static final String RULE = "running-head.text";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void otherWordsGiveWayToTheSurname() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("M. Solvane, p. ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("“M. Solvane, p. 1”", "“Solvane 1”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void withoutFactsTheSurnameIsReadOffThePaper() {
        Draft.mla().facts(Facts.NONE).rule(RULE).isMet();
    }

    @Test
    void aGuideThatWantsTheNumberAloneHasTheWordsTakenOut() {
        Draft.mla()
                .guide("apa-7-student")
                .rule(RULE)
                .isOff("“Solvane 1”", "no words")
                .putRight();
    }
}
