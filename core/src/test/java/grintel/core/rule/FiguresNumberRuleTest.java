package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Lengths;
import grintel.core.paper.Paragraph;
import java.util.List;
import org.junit.jupiter.api.Test;

class FiguresNumberRuleTest {
    private static final String RULE = "figures.number";

    @Test
    void metInTheFormOfEachGuideAndByOneNumberForSeveralPictures() {
        for (String guide : List.of("apa-7-student", "apa-6", "mla-9", "chicago-notes")) {
            Figured.of(guide).rule(RULE).isMet();
        }
        Figured.apa().pictures(2).rule(RULE).isMet();
        Figured.of("mla-9").pictures(2).rule(RULE).isMet();
    }

    @Test
    void absentAndNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void wordsAndLooksArePutRight() {
        RuleCase after = Figured.apa()
                .captions(line -> line.text("Fig. 1:"), line -> line.text("The Lamp", Draft.ITALIC))
                .rule(RULE)
                .areOff("“Fig. 1:”", "plain")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs()).extracting(Paragraph::text).contains("Figure 1");
    }

    @Test
    void aFigureWithoutANumberGetsOneOnItsSideOfThePicture() {
        Figured.apa().captions().rule(RULE).isOff("no number", "“Figure 1”").putRightLeaving("figures.title");
        Figured.of("mla-9")
                .captions()
                .rule(RULE)
                .isOff("no number", "“Fig. 1.”")
                .putRightLeaving("figures.title", "spacing.line");
    }

    @Test
    void ofTwoWithoutANumberEachIsAFindingThatKeepsItsName() {
        Draft two = Draft.mla();
        for (int i = 0; i < 2; i++) {
            two.add(paper -> paper.paragraph(line ->
                            line.picture("lamp.png", Lengths.EMU_PER_INCH * 3, Lengths.EMU_PER_INCH * 2, "a lamp")))
                    .text(line -> line.text(Draft.PROSE));
        }
        RuleCase bare = two.rule(RULE);
        bare.areOff("no number", "no number");
        List<String> keys = bare.keys();
        assertThat(bare.puttingRightOnly(0)).containsExactly("Number of a figure: no number → “Fig. 1.”");
        assertThat(bare.keysOncePutRight(0)).containsExactly(keys.get(1));
    }

    @Test
    void anOrnamentAFormulaAndWhatStandsBeforeTheTextNeedNone() {
        Draft.mla()
                .add(paper -> paper.paragraph(line -> line.picture("rule.png", 3_000_000, 90_000, "a rule")))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isAbsent();
    }
}
