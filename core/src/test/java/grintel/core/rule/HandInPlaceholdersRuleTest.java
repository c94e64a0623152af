package grintel.core.rule;

import org.junit.jupiter.api.Test;

class HandInPlaceholdersRuleTest {
    private static final String RULE = "hand-in.placeholders";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
        Draft.mla()
                .text(line -> line.text("He wrote “the lamp [name unknown] went out” and “teh [sic] lamp”; see"
                        + " [translated] below and the set {1, 2}."))
                .rule(RULE)
                .isMet();
    }

    @Test
    void wordsThatWaitAreTheWritersWork() {
        RuleCase off = Draft.mla()
                .text(line -> line.text("As [insert source here] has it, XXXX is dark. " + Draft.PROSE))
                .rule(RULE)
                .areOff("“[insert source here]”", "“XXXX”");
        off.isForTheWriter();
    }
}
