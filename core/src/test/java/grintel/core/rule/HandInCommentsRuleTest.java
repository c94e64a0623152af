package grintel.core.rule;

import grintel.core.paper.Inline;
import org.junit.jupiter.api.Test;

class HandInCommentsRuleTest {
    private static final String RULE = "hand-in.comments";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aCommentIsToldWithItsPlace() {
        RuleCase off = Draft.mla()
                .add(builder -> builder.comment("4", "Ilse Tamberg", "Really?"))
                .text(line -> line.edge(Inline.Edge.Kind.COMMENT_START, "4")
                        .text(Draft.PROSE)
                        .edge(Inline.Edge.Kind.COMMENT_END, "4"))
                .rule(RULE)
                .isOff("1 comment", "none")
                .at(8);
        off.isForTheWriter();
    }
}
