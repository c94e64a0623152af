package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesNewPageRuleTest {
    private static final String RULE = "appendices.new-page";

    @Test
    void metByOneAppendixAndByLetteredOnes() {
        Appended.apa("They are in the Appendix.", "Appendix").rule(RULE).isMet();
        Appended.apa("They are in Appendix A, the rest in Appendix B.", "Appendix A", "Appendix B")
                .rule(RULE)
                .isMet();
        Appended.apa("They are in Appendix A.", "Appendix A").rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutAppendicesHasNothingToMeasure() {
        Appended.apa("Nothing of them.").rule(RULE).isAbsent();
    }

    @Test
    void oneThatFollowsTheListIsPutOnAPageOfItsOwn() {
        Appended.apa("They are in the Appendix.", "Appendix")
                .runOn()
                .rule(RULE)
                .areOff("in the middle of a page")
                .andNothingElseIsOff()
                .putRight();
    }
}
