package grintel.core.rule;

import grintel.core.paper.PropertySet;
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

    @Test
    void bracesAnglesAndFillersWaitAsWell() {
        waiting("As {{ author }} has it.").areOff("“{{ author }}”");
        waiting("As {author} has it.").areOff("“{author}”");
        waiting("As <your name> has it.").areOff("“<your name>”");
        waiting("Lorem ipsum dolor sit amet.").areOff("“Lorem ipsum”");
        waiting("As [12] and <b> have it, and so has Lorem the lamp.").isMet();
    }

    private static RuleCase waiting(String words) {
        return Draft.mla().text(line -> line.text(words + " " + Draft.PROSE)).rule(RULE);
    }

    @Test
    void headersAreReadAndQuotationsAreNot() {
        Draft.mla()
                .headerLine(line -> line.text("[Your surname] ").pageNumber(PropertySet.empty()))
                .rule(RULE)
                .areOff("“[Your surname]”");
        waiting("“So [name] it is,” he says, “so it is [title].”").isMet();
        waiting("“So it is,” he says in [title] and “there.”").areOff("“[title]”");
    }
}
