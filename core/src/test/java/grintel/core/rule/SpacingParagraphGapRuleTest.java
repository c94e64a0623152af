package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class SpacingParagraphGapRuleTest {
    private static final String RULE = "spacing.paragraph-gap";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aGapOfTheDefaultsIsOneFinding() {
        Draft.mla()
                .defaults(PropertySet.of(ParagraphProperties.SPACE_AFTER, 160))
                .rule(RULE)
                .isOff("8 pt", "0 pt")
                .andNothingElseIsOffBut("sources.spacing")
                .putRight();
    }

    @Test
    void autoSpacingCountsAsWhatItComesTo() {
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.SPACE_BEFORE_AUTO, true).text(Draft.PROSE))
                .rule(RULE)
                .isOff("14 pt", "0 pt")
                .putRight();
    }

    @Test
    void sameStyleSuppressionTakesTheGapAway() {
        PropertySet suppressed = new PropertySet.Builder()
                .set(ParagraphProperties.SPACE_AFTER, 160)
                .set(ParagraphProperties.SAME_STYLE_SUPPRESSION, true)
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .build();
        Draft.mla()
                .normal(suppressed, Draft.type("Times New Roman", 24))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aroundATitleAGuideMayLeaveRoomFree() {
        PropertySet room = PropertySet.of(ParagraphProperties.SPACE_AFTER, 240);
        around("school-essay", room).isMet();
        around("mla-9", room).isOff("12 pt", "0 pt").putRight();
    }

    private static RuleCase around(String guide, PropertySet title) {
        Specimen specimen = Specimen.of(guide, Specimen.Content.NOTHING);
        specimen.title = line -> line.set(title);
        return new RuleCase(RULE, guide, Facts.of("Solvane", "Lamps"), specimen.build());
    }

    @Test
    void roomUnderTheLastParagraphOfAPaperIsNone() {
        Draft.mla()
                .withoutSources()
                .text(p -> p.set(ParagraphProperties.SPACE_AFTER, 240).text(Draft.PROSE))
                .rule(RULE)
                .isMet();
    }
}
