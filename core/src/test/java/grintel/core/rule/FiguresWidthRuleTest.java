package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import org.junit.jupiter.api.Test;

class FiguresWidthRuleTest {
    private static final String RULE = "figures.width";

    @Test
    void metWithinTheMargins() {
        Figured.with(Lengths.EMU_PER_INCH * 6, "a lamp on a quay").rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutFiguresHasNothingToMeasure() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void onePutBeyondTheMarginIsMadeSmallerInProportion() {
        RuleCase after = Figured.with(Lengths.EMU_PER_INCH * 8, "a lamp on a quay")
                .rule(RULE)
                .areOff("1.5 in beyond a margin")
                .andNothingElseIsOff()
                .putRight();
        Inline.Picture picture = after.paper().paragraphs().stream()
                .flatMap(paragraph -> paragraph.inlines().stream())
                .filter(Inline.Picture.class::isInstance)
                .map(Inline.Picture.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(picture.width()).isEqualTo(Lengths.EMU_PER_INCH * 13 / 2);
        assertThat(picture.height()).isEqualTo(Math.round(Lengths.EMU_PER_INCH * 2 * 6.5 / 8));
    }
}
