package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class HandInHiddenRuleTest {
    private static final String RULE = "hand-in.hidden";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void hiddenWordsAreShownWhenTheWriterAgrees() {
        Draft.mla()
                .text(line -> line.text(Draft.PROSE)
                        .text(" Not for the reader.", PropertySet.of(CharacterProperties.HIDDEN, true)))
                .rule(RULE)
                .isOff("1 paragraph with hidden words", "none")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }
}
