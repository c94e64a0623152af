package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesTitleRuleTest {
    private static final String RULE = "appendices.title";

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
    void anAppendixWithoutATitleIsTheWritersWork() {
        Appended.apa("They are in the Appendix.", "Appendix")
                .withoutTitles()
                .rule(RULE)
                .isOff("no title", "all there")
                .isForTheWriter();
    }
}
