package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadLabelRuleTest {
    private static final String RULE = "running-head.label";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void theLabelOfAnOlderEditionGoes() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("Running head: Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("“Running head:”", "no label")
                .quoting("Running head:")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutAHeader() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }
}
