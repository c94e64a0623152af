package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.SectionProperties;
import org.junit.jupiter.api.Test;

class SheetSizeRuleTest {
    private static final String RULE = "sheet.size";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aFourIsOffAndPutRight() {
        Draft.mla()
                .sheet(b ->
                        b.section(SectionProperties.PAGE_WIDTH, 11906).section(SectionProperties.PAGE_HEIGHT, 16838))
                .rule(RULE)
                .isOff("8.27 × 11.69 in", "8.5 × 11 in")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aSheetOnItsSideIsMeasuredAsIfItStood() {
        Draft.mla()
                .sheet(b ->
                        b.section(SectionProperties.PAGE_WIDTH, 15840).section(SectionProperties.PAGE_HEIGHT, 12240))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aSheetOnItsSideStaysSoWhenItsSizeIsPutRight() {
        RuleCase after = Draft.mla()
                .sheet(b ->
                        b.section(SectionProperties.PAGE_WIDTH, 16838).section(SectionProperties.PAGE_HEIGHT, 11906))
                .rule(RULE)
                .isOff("8.27 × 11.69 in", "8.5 × 11 in")
                .putRight();
        assertThat(after.paper().sections().get(0).get(SectionProperties.PAGE_WIDTH))
                .isEqualTo(15840);
    }
}
