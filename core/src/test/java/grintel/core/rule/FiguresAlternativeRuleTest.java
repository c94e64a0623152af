package grintel.core.rule;

import grintel.core.paper.Lengths;
import org.junit.jupiter.api.Test;

class FiguresAlternativeRuleTest {
    private static final String RULE = "figures.alternative";

    @Test
    void metByAWordOfWhatItShows() {
        Figured.with(Lengths.EMU_PER_INCH * 3, "a lamp on a quay").rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutFiguresHasNothingToMeasure() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void oneWithoutWordsIsTheWritersWork() {
        Figured.with(Lengths.EMU_PER_INCH * 3, " ")
                .rule(RULE)
                .isOff("no text alternative", "a text alternative")
                .andNothingElseIsOff()
                .isForTheWriter();
    }
}
