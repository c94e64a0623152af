package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class TextQuotationShortRuleTest {
    private static final String RULE = "text.quotation-short";

    private static Draft block(String words) {
        return Draft.mla()
                .guide("apa-7-student")
                .add(builder -> builder.paragraph(
                        line -> line.set(ParagraphProperties.INDENT_LEFT, 720).text(words)));
    }

    @Test
    void met() {
        block(Draft.PROSE).rule(RULE).isMet();
    }

    @Test
    void aShortOneRunsOnWhenTheWriterAgrees() {
        block("The lamp comes first, and then the water, and then the town.")
                .rule(RULE)
                .isOff("12 words", "40 words at least")
                .isAsked()
                .putRight();
    }

    @Test
    void absentWithoutBlocks() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
