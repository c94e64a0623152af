package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Origin;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class SpacingLineRuleTest {
    private static final String RULE = "spacing.line";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aWrongDefaultIsOneFindingWithAllItsPlacesAndIsPutRightInTheStyle() {
        RuleCase after = Draft.mla()
                .defaults(PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.15)))
                .normal(PropertySet.empty(), Draft.type("Times New Roman", 24))
                .rule(RULE)
                .isOff("1.15 lines", "2 lines")
                .at(0, 1, 2, 3, 4, 5, 6, 7)
                .andNothingElseIsOffBut("sources.spacing")
                .putRight();
        assertThat(after.paper().paragraphs())
                .allSatisfy(paragraph -> assertThat(paragraph.format().origin(ParagraphProperties.LINE_SPACING))
                        .isEqualTo(new Origin.OfStyle("Normal")));
    }

    @Test
    void directFormattingGoesWhereTheStyleIsRightAlready() {
        RuleCase after = Draft.mla()
                .text(p -> p.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                        .text(Draft.PROSE))
                .rule(RULE)
                .isOff("1 line", "2 lines")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).direct().says(ParagraphProperties.LINE_SPACING))
                .isFalse();
    }

    @Test
    void exactlyTwiceTheTypeSizeIsDouble() {
        LineSpacing exact = new LineSpacing(LineSpacing.Rule.EXACTLY, 480);
        LineSpacing tight = new LineSpacing(LineSpacing.Rule.EXACTLY, 360);
        Draft.mla()
                .firstText(p -> p.set(ParagraphProperties.LINE_SPACING, exact))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .firstText(p -> p.set(ParagraphProperties.LINE_SPACING, tight))
                .rule(RULE)
                .isOff("1.3 lines", "2 lines");
    }
}
