package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class SpacingPagePushRuleTest {
    private static final String RULE = "spacing.page-push";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aPartPushedDownGetsABreakInstead() {
        RuleCase after = Draft.mla()
                .pushSources(5)
                .rule(RULE)
                .isOff("5 blank paragraphs", "a page break")
                .at(13)
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs().get(8).format().get(ParagraphProperties.PAGE_BREAK_BEFORE))
                .isTrue();
    }

    @Test
    void oneBlankParagraphPushesNothing() {
        Draft.mla().pushSources(1).rule(RULE).isMet();
    }

    @Test
    void absentWhereNoPartWouldStartAPage() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }

    @Test
    void theTextPushedOffATitlePageGetsABreak() {
        Front.of("apa-7-student")
                .title("Lamps on the Low Canal")
                .student()
                .block(out -> {
                    for (int i = 0; i < 12; i++) {
                        out.paragraph("");
                    }
                })
                .title("Lamps on the Low Canal", line -> {})
                .rule(RULE)
                .isOff("12 blank paragraphs", "a page break")
                .putRight();
    }

    @Test
    void blanksBeforeABreakPushNothing() {
        Draft.mla()
                .add(b -> b.paragraph("").paragraph("").paragraph(line -> line.pageBreak()))
                .runOnSources()
                .rule(RULE)
                .isMet();
        Draft.mla().add(b -> b.paragraph("").paragraph("")).rule(RULE).isMet();
        Draft.mla()
                .text(p -> p.text(Draft.PROSE).pageBreak())
                .add(b -> b.paragraph("").paragraph(""))
                .runOnSources()
                .rule(RULE)
                .isMet();
    }

    @Test
    void theTitleAfterKeywordsMayBePushedToo() {
        Front.of("apa-7-professional")
                .title("Lamps on the Low Canal")
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .over("Abstract")
                .left(Draft.PROSE)
                .left("Keywords: lamps, canals")
                .block(out -> {
                    for (int i = 0; i < 18; i++) {
                        out.paragraph("");
                    }
                })
                .title("Lamps on the Low Canal", line -> {})
                .rule(RULE)
                .isOff("18 blank paragraphs", "a page break")
                .putRight();
    }
}
