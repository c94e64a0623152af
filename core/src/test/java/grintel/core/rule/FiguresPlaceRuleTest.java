package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import java.util.List;
import org.junit.jupiter.api.Test;

class FiguresPlaceRuleTest {
    private static final String RULE = "figures.place";

    @Test
    void metOnTheSideOfEachGuide() {
        for (String guide : List.of("apa-7-student", "apa-6", "mla-9", "chicago-notes")) {
            Figured.of(guide).rule(RULE).isMet();
        }
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void aCaptionOnTheWrongSideIsMovedAsAWhole() {
        RuleCase after = Figured.apa()
                .onTheOtherSide()
                .rule(RULE)
                .isOff("below", "above")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(Paragraph::text)
                .containsSubsequence("Figure 1", "The Lamp on the North Quay");
        Figured.of("mla-9").onTheOtherSide().rule(RULE).isOff("above", "below").putRight();
    }
}
