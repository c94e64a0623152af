package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class RunningHeadNumberRuleTest {
    private static final String RULE = "running-head.number";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void withoutAHeaderALiveNumberIsWritten() {
        RuleCase after = Draft.mla()
                .header(null)
                .rule(RULE)
                .isOff("2 pages without a number", "a number on every page")
                .putRight();
        assertThat(after.paper().sections().get(0).headers().stories()).hasSize(1);
    }

    @Test
    void wordsThatStandThereStay() {
        RuleCase after = Draft.mla()
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).text("Solvane"))
                .rule(RULE)
                .isOff("2 pages without a number", "a number on every page")
                .putRight();
        assertThat(after.paper().marginalParagraphs().get(0).text()).startsWith("Solvane ");
    }

    @Test
    void evenPagesWithoutANumberGetTheHeaderOfTheOthers() {
        Draft.mla()
                .sheet(b -> b.settings(settings -> settings.withEvenPagesDiffer(true)))
                .rule(RULE)
                .isOff("1 page without a number", "a number on every page")
                .putRight();
    }
}
