package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Facts;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
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
    void theTitleIsProposedWhereItIsShorter() {
        RuleCase after = Draft.mla()
                .guide("apa-7-professional")
                .facts(Facts.of("Solvane", ""))
                .headerLine(header -> header.text("LAMPS ON THE LOW CANAL AND THE PRICE OF OIL IN THREE NOVELS "))
                .rule(RULE)
                .isOff("59 characters", "50 characters at most")
                .isAsked()
                .putRight();
        assertThat(after.paper()
                        .sections()
                        .get(0)
                        .headers()
                        .get(Marginals.Variant.DEFAULT)
                        .paragraphs())
                .extracting(Paragraph::text)
                .containsExactly("LAMPS ON THE LOW CANAL");
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
