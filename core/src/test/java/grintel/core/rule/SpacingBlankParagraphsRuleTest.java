package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class SpacingBlankParagraphsRuleTest {
    private static final String RULE = "spacing.blank-paragraphs";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void blankParagraphsInTheTextAreTakenOut() {
        RuleCase after = Draft.mla()
                .add(b -> b.paragraph("").paragraph(""))
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isOff("2 blank paragraphs", "none")
                .at(8)
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs()).hasSize(12);
    }

    @Test
    void oneBesideATableAndThoseThatPushAPartAreNotItsBusiness() {
        Draft.mla()
                .add(b -> b.table(List.of(4000), List.of(List.of("cell")), PropertySet.empty())
                        .paragraph(""))
                .text(p -> p.text(Draft.PROSE))
                .pushSources(4)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aroundATitleOneIsFreeWhereTheGuideSaysSo() {
        around("school-essay", 1, 1).isMet();
        around("school-essay", 2, 1).isOff("2 blank paragraphs", "none").putRight();
        around("school-essay", 1, 2).isOff("2 blank paragraphs", "none").putRight();
        around("mla-9", 1, 1).isOff("2 blank paragraphs", "none").putRight();
    }

    private static RuleCase around(String guide, int above, int below) {
        Front front = Front.of(guide)
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .left("9 October 2026");
        return blank(blank(front, above).line("Lamps on the Low Canal"), below).rule(RULE);
    }

    private static Front blank(Front front, int lines) {
        return front.block(out -> {
            for (int i = 0; i < lines; i++) {
                out.paragraph("");
            }
        });
    }

    @Test
    void thoseThatEndThePaperOrCarryABreakAreNoSpace() {
        Draft.mla()
                .withoutSources()
                .add(b -> b.paragraph("").paragraph(""))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .add(b -> b.paragraph(line -> line.pageBreak()))
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .add(b -> b.paragraph("").endSection())
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .add(b -> b.paragraph(line -> line.lineBreak()))
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isOff("1 blank paragraph", "none")
                .putRight();
    }
}
