package grintel.core.rule;

import org.junit.jupiter.api.Test;

class AppendicesMentionRuleTest {
    private static final String RULE = "appendices.mention";

    @Test
    void metAndAbsent() {
        Appended.goodPapersMeet(RULE);
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
