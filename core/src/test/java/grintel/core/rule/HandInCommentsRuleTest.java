package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Inline;
import org.junit.jupiter.api.Test;

class HandInCommentsRuleTest {
    private static final String RULE = "hand-in.comments";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aCommentIsToldByWhoSaysWhatAndTakenOutWhenTheWriterSaysSo() {
        Draft draft = Draft.mla()
                .add(builder -> builder.comment("4", "Ilse Tamberg", "Really?").comment("7", "Tobias Ekwall", "Yes."))
                .text(line -> line.edge(Inline.Edge.Kind.COMMENT_START, "4")
                        .text(Draft.PROSE)
                        .edge(Inline.Edge.Kind.COMMENT_END, "4")
                        .edge(Inline.Edge.Kind.COMMENT, "4"));
        RuleCase after = draft.rule(RULE)
                .isOff("2 comments", "none")
                .at(8, -1)
                .quoting("Ilse Tamberg: Really?", "Tobias Ekwall: Yes.")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().comments()).isEmpty();
        assertThat(after.paper().paragraphs().get(8).inlines()).noneMatch(Inline.Edge.class::isInstance);
    }
}
