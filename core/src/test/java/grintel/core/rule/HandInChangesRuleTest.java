package grintel.core.rule;

import grintel.core.paper.Revision;
import org.junit.jupiter.api.Test;

class HandInChangesRuleTest {
    private static final String RULE = "hand-in.changes";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void anInsertionThatWaitsIsTold() {
        RuleCase off = Draft.mla()
                .text(line -> line.text(Draft.PROSE).revision(Revision.INSERTED).text(" And more."))
                .rule(RULE)
                .isOff("1 paragraph", "none")
                .at(8);
        off.isForTheWriter();
    }
}
