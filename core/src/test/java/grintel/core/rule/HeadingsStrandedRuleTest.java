package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class HeadingsStrandedRuleTest {
    private static final String RULE = "headings.stranded";

    @Test
    void met() {
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aHeadingAtThePageFootGoesWithItsText() {
        Draft full = Draft.mla().headingStyles();
        full.text(line -> line.text(Draft.PROSE)).text(line -> line.text(Draft.PROSE));
        full.text(line -> line.text("Lamps are lit at dusk, and every one is counted by the keeper who has lit it."));
        full.heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .rule(RULE)
                .isOff("last on its page", "on the page of its text")
                .onPages(1)
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
