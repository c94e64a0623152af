package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class SourcesNewPageRuleTest {
    private static final String RULE = "sources.new-page";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aListThatFollowsTheTextIsPutOnAPageOfItsOwn() {
        Draft.mla()
                .runOnSources()
                .rule(RULE)
                .isOff("in the middle of a page", "a page break")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void oneThatHappensToStartAPageIsTold() {
        Draft full = Draft.mla().runOnSources();
        for (int i = 0; i < 3; i++) {
            full.text(p -> p.text(Draft.PROSE));
        }
        full.rule(RULE).areOff("at the top of a page by chance").putRight();
    }

    @Test
    void oneThatBlankParagraphsPushIsAnotherRulesMatter() {
        Draft.mla().pushSources(9).rule(RULE).isAbsent();
    }

    @Test
    void aListWithoutALabelStartsAPageToo() {
        Draft draft = Draft.mla().withoutSources();
        for (String name : new String[] {"Keel, J. R.", "Verholt, Ansa."}) {
            draft.add(b -> b.paragraph(Draft.book(name, "Bells", "2016")));
        }
        draft.rule(RULE).isOff("in the middle of a page", "a page break").at(8).putRight();
    }

    @Test
    void aBlankLineMayCarryTheBreak() {
        Draft.mla()
                .add(b -> b.paragraph(line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true)))
                .runOnSources()
                .rule(RULE)
                .isMet();
    }
}
