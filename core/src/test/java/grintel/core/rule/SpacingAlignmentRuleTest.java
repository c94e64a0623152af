package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class SpacingAlignmentRuleTest {
    private static final String RULE = "spacing.alignment";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void justifiedAndCentredTextAreFindingsOfTheirOwn() {
        Draft.mla()
                .text(p -> p.set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED)
                        .text(Draft.PROSE))
                .text(p ->
                        p.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text(Draft.PROSE))
                .rule(RULE)
                .areOff("justified", "centred")
                .at(8)
                .putRight();
    }
}
