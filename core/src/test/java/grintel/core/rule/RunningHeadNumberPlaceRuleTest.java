package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadNumberPlaceRuleTest {
    private static final String RULE = "running-head.number-place";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aNumberShortOfTheMarginIsPutThere() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .set(ParagraphProperties.INDENT_RIGHT, 360)
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("top, 0.25 in short of the right margin", "top right")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aNumberAtTheFootMovesUp() {
        RuleCase after = Draft.mla()
                .header(b -> b.footer(
                        Marginals.Variant.DEFAULT,
                        f -> f.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                                .pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isOff("bottom centre", "top right")
                .putRight();
        assertThat(after.paper().sections().get(0).footers().stories().values())
                .allSatisfy(footer -> assertThat(footer.paragraphs()).allMatch(p -> p.isBlank()));
    }

    @Test
    void whereANumberStandsIsNamed() {
        at(Alignment.CENTRE, "").isOff("top centre", "top right").putRight();
        at(Alignment.LEFT, "").isOff("top left", "top right").putRight();
        at(Alignment.LEFT, "Solvane, on the lamps of the Low Canal ")
                .isOff("top, 3.7 in short of the right margin", "top right");
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .set(ParagraphProperties.INDENT_RIGHT, -720)
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("top, 0.5 in beyond the right margin", "top right")
                .putRight();
    }

    private static RuleCase at(Alignment alignment, String words) {
        return Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, alignment)
                        .text(words)
                        .pageNumber(PropertySet.empty()))
                .rule(RULE);
    }

    @Test
    void aNumberBeforeOtherWordsIsFoundAmongThem() {
        Draft.mla()
                .headerLine(h -> h.pageNumber(PropertySet.empty()).text(" Solvane, on the lamps of the Low Canal"))
                .rule(RULE)
                .isOff("top left", "top right")
                .onPages(1)
                .putRight();
    }

    @Test
    void atTheFootAndAtEitherPlace() {
        Draft.mla()
                .house("running-head.number-place: {place: bottom-centre}")
                .rule(RULE)
                .isOff("top right", "bottom centre")
                .putRight();
        Draft.mla()
                .house("running-head.number-place: {place: either}")
                .rule(RULE)
                .isMet();
        foot(Alignment.CENTRE).isMet();
        foot(Alignment.RIGHT)
                .isOff("bottom right", "top right or bottom centre")
                .putRight();
    }

    private static RuleCase foot(Alignment alignment) {
        return Draft.mla()
                .house("running-head.number-place: {place: either}")
                .header(b -> b.footer(
                        Marginals.Variant.DEFAULT,
                        f -> f.set(ParagraphProperties.ALIGNMENT, alignment).pageNumber(PropertySet.empty())))
                .rule(RULE);
    }

    @Test
    void wordsInTheWayOfANumberAreForTheWriter() {
        Draft.mla()
                .house("running-head.number-place: {place: bottom-centre}")
                .sheet(b -> b.footer(Marginals.Variant.DEFAULT, f -> f.text("Second draft")))
                .rule(RULE)
                .isOff("top right", "bottom centre")
                .isForTheWriter();
    }

    @Test
    void absentWithoutANumber() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }

    @Test
    void aNumberThatCannotBeSeenIsSaidToBe() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("Solvane ")
                        .pageNumber(PropertySet.of(CharacterProperties.HIDDEN, true)))
                .rule(RULE)
                .isOff("top, out of sight", "top right");
    }
}
