package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesMentionRuleTest {
    private static final String RULE = "appendices.mention";

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
    void oneThatIsNotMentionedIsTheWritersWork() {
        Appended.apa("Nothing of it.", "Appendix")
                .rule(RULE)
                .isOff("not mentioned", "mentioned")
                .andNothingElseIsOff()
                .isForTheWriter();
    }

    @Test
    void oneMentionedBeforeThatBeforeItIsTold() {
        Appended.apa("They are in Appendix B, the rest in Appendix A.", "Appendix A", "Appendix B")
                .rule(RULE)
                .areOff("mentioned before “Appendix A”");
    }

    @Test
    void theWordForAllMentionsEach() {
        Appended.apa("They are in the appendices.", "Appendix A", "Appendix B")
                .rule(RULE)
                .isMet();
    }
}
