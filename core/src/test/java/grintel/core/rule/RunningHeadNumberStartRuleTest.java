package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Facts;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.SectionProperties;
import grintel.core.specimen.Specimen;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class RunningHeadNumberStartRuleTest {
    private static final String RULE = "running-head.number-start";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void numbersStartAtOne() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.PAGE_NUMBER_START, 3))
                .rule(RULE)
                .isOff("3", "1")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aSectionThatStartsAgainIsOffAndRunsOnAfter() {
        Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.section(SectionProperties.PAGE_NUMBER_START, 1))
                .rule(RULE)
                .isOff("starts again at 1", "runs on")
                .putRight();
    }

    @Test
    void afterATitlePageTheTextBearsTheFirstNumber() {
        chicago(specimen -> {}).isMet();
        RuleCase after = chicago(specimen -> specimen.section.set(SectionProperties.PAGE_NUMBER_START, 1))
                .isOff("2", "1")
                .onPages(2)
                .putRight();
        assertThat(after.paper().sections().get(0).get(SectionProperties.PAGE_NUMBER_START))
                .isZero();
        Draft.mla().house("running-head.number-start: {from: text}").rule(RULE).isMet();
    }

    private static RuleCase chicago(Consumer<Specimen> change) {
        Specimen specimen = Specimen.of("chicago-notes", Specimen.Content.NOTHING);
        change.accept(specimen);
        return new RuleCase(RULE, "chicago-notes", Facts.of("Solvane", "LOW CANAL"), specimen.build());
    }

    @Test
    void aSectionThatStartsAgainWithTheNextNumberRunsOn() {
        Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.section(SectionProperties.PAGE_NUMBER_START, 2))
                .rule(RULE)
                .isMet();
    }

    @Test
    void numbersOfAnotherKindDoNotRunOn() {
        Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.section(SectionProperties.PAGE_NUMBER_START, 2)
                        .section(SectionProperties.PAGE_NUMBER_FORMAT, NumberFormat.LOWER_ROMAN))
                .rule(RULE)
                .isOff("starts again at 2", "runs on");
    }

    @Test
    void absentWithoutNumbers() {
        Draft.mla()
                .headerLine(line -> line.text("Solvane"))
                .sheet(b -> b.section(SectionProperties.PAGE_NUMBER_START, 3))
                .rule(RULE)
                .isAbsent();
    }
}
