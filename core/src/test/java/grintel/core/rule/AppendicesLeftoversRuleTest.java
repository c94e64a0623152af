package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import org.junit.jupiter.api.Test;

class AppendicesLeftoversRuleTest {
    private static final String RULE = "appendices.leftovers";

    private static Appended with(String... lines) {
        return Appended.apa("They are in the Appendix.", "Appendix").with(paper -> {
            for (String line : lines) {
                paper.paragraph(line);
            }
        });
    }

    @Test
    void metByAPlainQuestionnaire() {
        with("How often do you trim the lamp?", "1 = never", "5 = always", "1. I sleep well (R)")
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentWithoutAppendices() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void tracesOfAnExportAreTakenOutOnBeingAsked() {
        RuleCase after = with(
                        "Start of Block: Lamps",
                        "Q12 How often do you trim the lamp?",
                        "○ Never (1)",
                        "○ Always (2)",
                        "Display this question if the lamp burns",
                        "Page Break",
                        "End of Block: Lamps")
                .rule(RULE)
                .areOff(
                        "marks of blocks",
                        "codes of items",
                        "circles or boxes",
                        "codes of answers",
                        "rules of display",
                        "marks of pages")
                .andNothingElseIsOff()
                .isAsked()
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(Paragraph::text)
                .containsSubsequence("How often do you trim the lamp?", "Never", "Always")
                .doesNotContain("Page Break", "End of Block: Lamps");
    }
}
