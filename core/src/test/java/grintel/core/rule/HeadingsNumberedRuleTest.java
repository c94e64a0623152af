package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class HeadingsNumberedRuleTest {
    private static final String RULE = "headings.numbered";

    private static Draft heading(String words) {
        return Draft.mla().headingStyles().heading("H1", Alignment.LEFT, words, Draft.BOLD);
    }

    @Test
    void met() {
        heading("Oil and Its Price").rule(RULE).isMet();
        heading("12 Lamps on the Quay").rule(RULE).isMet();
    }

    @Test
    void typedNumbersGo() {
        heading("2. Oil")
                .rule(RULE)
                .isOff("typed numbers", "none")
                .andNothingElseIsOff()
                .putRight();
        heading("I. Oil")
                .heading("H1", Alignment.LEFT, "II. Water", Draft.BOLD)
                .rule(RULE)
                .isOff("typed numbers", "none")
                .putRight();
    }

    @Test
    void absentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void countedNumbersAreSwitchedOff() {
        RuleCase after = Draft.mla()
                .headingStyles()
                .add(b -> b.list(1, Specimen.bulleted()))
                .add(b -> b.paragraph(line -> line.style("H1")
                        .set(ParagraphProperties.NUMBERING_ID, 1)
                        .text("Oil", Draft.BOLD)))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isOff("numbers that the program counts", "none")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).label()).isNull();
    }

    @Test
    void oneNumberThatMayBeAWordStays() {
        heading("I Saw the Lamps").rule(RULE).isMet();
        RuleCase after = heading("I Saw the Lamps")
                .heading("H1", Alignment.LEFT, "2. Oil", Draft.BOLD)
                .heading("H1", Alignment.LEFT, "III. Water", Draft.BOLD)
                .rule(RULE)
                .isOff("typed numbers", "none")
                .putRight();
        assertThat(after.paper().paragraphs().get(12).text()).isEqualTo("Water");
    }
}
