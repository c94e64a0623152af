package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class SpacingFirstLineRuleTest {
    private static final String RULE = "spacing.first-line";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void indentsTabsAndSpacesAllCountToWhereTheFirstLetterStands() {
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 432).text(Draft.PROSE))
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                        .tab()
                        .tab()
                        .text(Draft.PROSE))
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0).text(Draft.PROSE))
                .rule(RULE)
                .areOff("0.3 in", "1 in", "0 in")
                .at(8)
                .putRight();
    }

    @Test
    void aTabThatLandsAtHalfAnInchIsMet() {
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0).tab().text(Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aParagraphThatGoesOnAfterAQuotationNeedsNone() {
        Draft.mla()
                .add(b -> b.paragraph(
                        p -> p.set(ParagraphProperties.INDENT_LEFT, 720).text(Draft.PROSE)))
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                        .text("and so the scene goes on. " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }
}
