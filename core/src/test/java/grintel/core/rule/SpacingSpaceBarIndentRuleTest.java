package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class SpacingSpaceBarIndentRuleTest {
    private static final String RULE = "spacing.space-bar-indent";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void spacesAreTakenOutAndARealIndentIsSet() {
        RuleCase after = Draft.mla()
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0).text("            " + Draft.PROSE))
                .rule(RULE)
                .isOff("spaces", "an indent")
                .at(8)
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).startsWith("In all");
        assertThat(after.paper().paragraphs().get(8).firstLineIndent()).isEqualTo(720);
    }

    @Test
    void oneTabIsMetAndTwoAreNot() {
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0).tab().text(Draft.PROSE))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0)
                        .tab()
                        .tab()
                        .text(Draft.PROSE))
                .rule(RULE)
                .isOff("tabs and spaces", "an indent")
                .putRight();
    }

    @Test
    void whereNoIndentIsAskedTheSpacesOnlyGo() {
        RuleCase after = Draft.mla()
                .house("spacing.first-line: {weight: not-asked}")
                .text(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 0).text("      " + Draft.PROSE))
                .rule(RULE)
                .isOff("spaces", "an indent")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).firstLineIndent()).isZero();
        assertThat(after.paper().paragraphs().get(8).text()).startsWith("In all");
    }
}
