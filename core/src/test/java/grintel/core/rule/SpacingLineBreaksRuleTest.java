package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SpacingLineBreaksRuleTest {
    private static final String RULE = "spacing.line-breaks";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aHardBreakInsideAParagraphIsAskedAboutAndPutRight() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE).lineBreak().text(Draft.PROSE))
                .rule(RULE)
                .isOff("1 line break", "none")
                .at(8)
                .isAsked()
                .putRight();
    }

    @Test
    void aBreakWithNothingBeforeOrAfterItIsNone() {
        Draft.mla().text(p -> p.text(Draft.PROSE).lineBreak()).rule(RULE).isMet();
        Draft.mla().text(p -> p.lineBreak().text(Draft.PROSE)).rule(RULE).isMet();
        Draft.mla()
                .text(p -> p.text("A").lineBreak().text(Draft.PROSE).lineBreak().text("B"))
                .rule(RULE)
                .isOff("2 line breaks", "none");
    }

    @Test
    void whereOneOfTwoAlikeIsPutRightTheOtherStays() {
        RuleCase two = Draft.mla()
                .text(p -> p.text(Draft.PROSE).lineBreak().text(Draft.PROSE))
                .text(p -> p.text(Draft.PROSE).lineBreak().text(Draft.PROSE))
                .rule(RULE);
        two.isOff("2 line breaks", "none");
        assertThat(two.puttingRightOnly(0)).containsExactly("Line breaks: 2 line breaks → 1 line break");
        assertThat(two.puttingRightOnly(1)).containsExactly("Line breaks: 2 line breaks → 1 line break");
    }

    @Test
    void oneSpaceIsLeftWhereSpacesStandAroundTheBreak() {
        RuleCase after = Draft.mla()
                .text(p -> p.text("The bell rings. ").lineBreak().text("  At dusk it rests. " + Draft.PROSE))
                .rule(RULE)
                .isOff("1 line break", "none")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).startsWith("The bell rings. At dusk it rests.");
    }
}
