package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.check.Examiner;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.HouseRules;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.typeset.LayoutLimits;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunningHeadLengthRuleTest {
    private static final String RULE = "running-head.length";

    @Test
    void notAskedByTheGuide() {
        Draft.mla().rule(RULE).isNotAsked();
    }

    @Test
    void aLongShortTitleIsForTheWriterAndAShortOneIsMet() {
        assertThat(findings("A SHORT TITLE THAT GOES ON FOR MUCH LONGER THAN FIFTY CHARACTERS "))
                .singleElement()
                .satisfies(finding -> {
                    assertThat(Wording.told(finding.is())).isEqualTo("64 characters");
                    assertThat(finding.fix().edits()).isEmpty();
                });
        assertThat(findings("A SHORT TITLE ")).isEmpty();
    }

    private static List<Reading> findings(String words) {
        Guide guide = Guides.find("mla-9");
        assertThat(guide).isNotNull();
        HouseRules house = HouseRules.parse("house.yaml", "rules: {running-head.length: {weight: required}}");
        Paper paper = Draft.mla()
                .headerLine(header -> header.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text(words)
                        .pageNumber(PropertySet.empty()))
                .build();
        return Examiner.examine(paper, Brief.of(guide, house, Facts.NONE), LayoutLimits.within(20))
                .verdict(RULE)
                .findings();
    }
}
