package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class HeadingsSkipRuleTest {
    private static final String RULE = "headings.skip";

    @Test
    void met() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Price", Draft.ITALIC)
                .heading("H1", Alignment.LEFT, "Water", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aLevelSkippedIsAskedAbout() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H3", Alignment.CENTRE, "Price", Draft.BOLD)
                .rule(RULE)
                .isOff("of level 3 under level 1", "no level skipped")
                .quoting("Price")
                .isAsked();
    }

    @Test
    void absentWithoutHeadingsAndNotAskedOfEssays() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }
}
