package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
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

    @Test
    void blankLinesUnderAHeadingGoWithIt() {
        Draft full = Draft.mla().headingStyles();
        full.text(line -> line.text(Draft.PROSE)).text(line -> line.text(Draft.PROSE));
        full.text(line -> line.text("Lamps are lit at dusk."));
        RuleCase after = full.add(b -> b.paragraph(line -> line.style("H1").text("Oil", Draft.BOLD))
                        .paragraph(""))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isOff("last on its page", "on the page of its text")
                .putRight();
        assertThat(after.paper().paragraphs().subList(11, 14))
                .extracting(line -> line.format().get(ParagraphProperties.KEEP_WITH_NEXT))
                .containsExactly(true, true, false);
    }

    @Test
    void aHeadingThatABreakPartsFromWhatFollowsIsNotJudged() {
        Draft.mla()
                .headingStyles()
                .add(b -> b.paragraph(line -> line.style("H1").text("Oil", Draft.BOLD)))
                .rule(RULE)
                .isAbsent();
        Draft.mla()
                .headingStyles()
                .add(b -> b.paragraph(
                        line -> line.style("H1").text("Oil", Draft.BOLD).pageBreak()))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isAbsent();
        Draft.mla()
                .headingStyles()
                .add(b -> b.paragraph(line -> line.style("H1").text("Oil", Draft.BOLD))
                        .paragraph(line -> line.pageBreak()))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isAbsent();
    }
}
