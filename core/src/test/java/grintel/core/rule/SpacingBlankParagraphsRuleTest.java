package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class SpacingBlankParagraphsRuleTest {
    private static final String RULE = "spacing.blank-paragraphs";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void blankParagraphsInTheTextAreTakenOut() {
        RuleCase after = Draft.mla()
                .add(b -> b.paragraph("").paragraph(""))
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isOff("2 blank paragraphs", "none")
                .at(8)
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs()).hasSize(12);
    }

    @Test
    void oneBesideATableAndThoseThatPushAPartAreNotItsBusiness() {
        Draft.mla()
                .add(b -> b.table(List.of(4000), List.of(List.of("cell")), PropertySet.empty())
                        .paragraph(""))
                .text(p -> p.text(Draft.PROSE))
                .pushSources(4)
                .rule(RULE)
                .isMet();
    }
}
