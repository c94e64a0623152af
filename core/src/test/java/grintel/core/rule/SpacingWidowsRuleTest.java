package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class SpacingWidowsRuleTest {
    private static final String RULE = "spacing.widows";

    @Test
    void notAskedByTheGuide() {
        Draft.mla().rule(RULE).isNotAsked();
    }

    @Test
    void aCourseCanAskForEitherOrLeaveItFree() {
        draft("keep", false).isOff("loose", "kept together").putRight();
        draft("keep", true).isMet();
        draft("loose", true).isOff("kept together", "loose").putRight();
        draft("any", true).isAbsent();
    }

    private static RuleCase draft(String control, boolean keeps) {
        return Draft.mla()
                .house("spacing.widows: {weight: required, control: " + control + "}")
                .normal(
                        PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                                .with(ParagraphProperties.WIDOW_CONTROL, keeps),
                        Draft.type("Times New Roman", 24))
                .rule(RULE);
    }
}
