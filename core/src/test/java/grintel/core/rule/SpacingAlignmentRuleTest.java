package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
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

    @Test
    void theStyleIsChangedThoughAQuotationTakesItAlongButACentredLineKeepsItsOwn() {
        PropertySet justified = PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED)
                .with(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);
        RuleCase after = Draft.mla()
                .normal(justified, Draft.type("Times New Roman", 24))
                .rule(RULE)
                .isOff("justified", "left, ragged right")
                .putRight();
        assertThat(after.paper().paragraphs())
                .filteredOn(line -> line.direct().says(ParagraphProperties.ALIGNMENT))
                .extracting(line -> line.format().get(ParagraphProperties.ALIGNMENT))
                .containsOnly(Alignment.CENTRE);
    }
}
