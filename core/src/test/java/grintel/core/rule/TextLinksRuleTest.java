package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class TextLinksRuleTest {
    private static final String RULE = "text.links";

    private static Draft linked(PropertySet look) {
        return Draft.mla()
                .text(line -> line.text(Draft.PROSE + " See ")
                        .link("https://quay.example")
                        .text("the log", look)
                        .link("")
                        .text("."));
    }

    @Test
    void met() {
        linked(PropertySet.empty()).rule(RULE).isMet();
    }

    @Test
    void aLineUnderALinkIsTakenAway() {
        linked(PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                .rule(RULE)
                .isOff("by colour or a line", "as the text does")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutLinks() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
