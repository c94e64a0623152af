package grintel.core.rule;

import grintel.core.paper.Marginals;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadFooterRuleTest {
    private static final String RULE = "running-head.footer";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void wordsAtTheFootAreAskedAboutAndPutRight() {
        Draft.mla()
                .sheet(b -> b.footer(Marginals.Variant.DEFAULT, f -> f.text("Draft 2")))
                .rule(RULE)
                .isOff("“Draft 2”", "empty")
                .andNothingElseIsOff()
                .isAsked()
                .putRight();
    }

    @Test
    void aNumberThatStandsOnlyThereIsAMatterOfItsPlace() {
        foot(false, "").isMet();
    }

    @Test
    void aSecondNumberGoesAndSoDoWordsBesideIt() {
        foot(true, "").isOff("“1”", "empty").putRight();
        foot(true, "Draft ").isOff("“Draft 1”", "empty").putRight();
    }

    @Test
    void wordsBesideTheOnlyNumberAreForTheWriter() {
        foot(false, "Draft ").isOff("“Draft 1”", "empty").isForTheWriter();
    }

    private static RuleCase foot(boolean header, String words) {
        Draft draft = header ? Draft.mla() : Draft.mla().header(null);
        return draft.sheet(b ->
                        b.footer(Marginals.Variant.DEFAULT, f -> f.text(words).pageNumber(PropertySet.empty())))
                .rule(RULE);
    }
}
