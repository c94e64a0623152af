package grintel.core.rule;

import java.util.List;
import org.junit.jupiter.api.Test;

class HandInBlankPagesRuleTest {
    private static final String RULE = "hand-in.blank-pages";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aPageThatTwoBreaksMakeGoes() {
        Draft.mla()
                .add(builder -> builder.paragraph(line -> line.pageBreak()).paragraph(line -> line.pageBreak()))
                .rule(RULE)
                .isOff("1 blank page", "none")
                .onPages(2)
                .putRight();
    }

    @Test
    void aPageOfBlankParagraphsAtTheEndGoes() {
        Draft.mla()
                .entries(List.of(
                        Draft.book("Keel, J. R.", "Bells", "2016"), line -> line.pageBreak(), line -> {}, line -> {}))
                .rule(RULE)
                .isOff("1 blank page", "none")
                .onPages(3)
                .putRight();
    }
}
