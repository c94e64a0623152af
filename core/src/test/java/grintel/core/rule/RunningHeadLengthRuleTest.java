package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class RunningHeadLengthRuleTest {
    private static final String RULE = "running-head.length";

    @Test
    void notAskedByTheGuide() {
        Draft.mla().rule(RULE).isNotAsked();
    }

    @Test
    void fiftyCharactersAreMetAndOneMoreIsForTheWriter() {
        words("A".repeat(50)).isMet();
        words("A".repeat(51)).isOff("51 characters", "50 characters at most").isForTheWriter();
    }

    @Test
    void aLabelDoesNotCount() {
        words("Running head: " + "A".repeat(50)).isMet();
    }

    @Test
    void absentWithoutWords() {
        words("").isAbsent();
    }

    private static RuleCase words(String words) {
        return Draft.mla()
                .house("running-head.length: {weight: required}")
                .headerLine(header -> header.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text(words.isEmpty() ? "" : words + " ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE);
    }
}
