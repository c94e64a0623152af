package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class TypeEmphasisRuleTest {
    private static final String RULE = "type.emphasis";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void underliningAndBoldParagraphsAreAskedAboutAndPutRight() {
        Draft.mla()
                .text(p -> p.text("Some words and then ")
                        .text("The Weir Ledger", PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                        .text(Draft.PROSE))
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.BOLD, true)))
                .rule(RULE)
                .areOff("1 paragraph", "1 paragraph")
                .quoting("The Weir Ledger")
                .isAsked()
                .putRight();
    }

    @Test
    void aShortNameInCapitalsIsNoShout() {
        Draft.mla()
                .text(p -> p.text("The NATO and the UN. " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }
}
