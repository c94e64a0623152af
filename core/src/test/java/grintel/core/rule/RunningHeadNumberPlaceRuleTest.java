package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadNumberPlaceRuleTest {
    private static final String RULE = "running-head.number-place";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aNumberShortOfTheMarginIsPutThere() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .set(ParagraphProperties.INDENT_RIGHT, 360)
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("top, 0.25 in short of the right margin", "top right")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aNumberAtTheFootMovesUp() {
        RuleCase after = Draft.mla()
                .header(b -> b.footer(
                        Marginals.Variant.DEFAULT,
                        f -> f.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                                .pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isOff("bottom centre", "top right")
                .putRight();
        assertThat(after.paper().sections().get(0).footers().stories().values())
                .allSatisfy(footer -> assertThat(footer.paragraphs()).allMatch(p -> p.isBlank()));
    }
}
