package grintel.core.rule;

import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesItalicsRuleTest {
    private static final String RULE = "sources.italics";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aBookWithoutItalicsIsAskedAbout() {
        Draft.mla()
                .entries(List.of(line -> line.text("Keel, J. R. Bells of the North. Low Water Press, 2016.")))
                .rule(RULE)
                .isOff("upright", "italic")
                .isAsked()
                .putRight();
    }

    @Test
    void aJournalIsSlantedAndItsArticleIsNot() {
        Draft.mla()
                .guide("apa-7-student")
                .entries(List.of(line -> line.text("Keel, J. R. (2016). ")
                        .text("Fog bells and the feeding of waders.", Draft.ITALIC)
                        .text(" Coastal Notes, 12(3), 4–19.")))
                .rule(RULE)
                .areOff("italic")
                .isAsked()
                .putRight();
        Draft.mla()
                .entries(List.of(line -> line.text("Keel, J. R. “Fog Bells.” Coastal Notes, vol. 12, 2016, pp. 4–19.")))
                .rule(RULE)
                .areOff("upright")
                .putRight();
    }

    @Test
    void anEntryWhoseFormDoesNotTellIsLeftAlone() {
        Draft.mla()
                .entries(List.of(line -> line.text("Personal letter to the author.")))
                .rule(RULE)
                .isAbsent();
    }
}
