package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.check.PaperFile;
import grintel.core.check.PutRight;
import grintel.core.check.Verdict;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.typeset.LayoutLimits;
import org.junit.jupiter.api.Test;

class SpacingWidowsRuleTest {
    private static final String RULE = "spacing.widows";

    @Test
    void notAskedByTheGuide() {
        Draft.mla().rule(RULE).isNotAsked();
    }

    @Test
    void houseRulesCanAskForEitherAndItIsPutRight() {
        Guide guide = Guides.find("mla-9");
        assertThat(guide).isNotNull();
        HouseRules house = HouseRules.parse("house.yaml", "rules: {spacing.widows: {weight: required, control: keep}}");
        Brief brief = Brief.of(guide, house, Facts.NONE);
        Paper loose = Draft.mla()
                .firstText(paragraph -> paragraph.set(ParagraphProperties.WIDOW_CONTROL, false))
                .build();
        assertThat(Examiner.examine(loose, brief, LayoutLimits.within(20))
                        .verdict(RULE)
                        .status())
                .isEqualTo(Verdict.Status.OFF);
        PutRight.Result<PaperFile> result = PutRight.run(
                new PaperFile(loose), brief, (reading, spot) -> reading.rule().equals(RULE), LayoutLimits.within(20));
        assertThat(result.report().verdict(RULE).status()).isEqualTo(Verdict.Status.MET);
    }
}
