package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class SourcesSpacingRuleTest {
    private static final String RULE = "sources.spacing";
    private static final Consumer<ParagraphBuilder> KEEL = Draft.book("Keel, J. R.", "Bells", "2016");
    private static final Consumer<ParagraphBuilder> VERHOLT = Draft.book("Verholt, Ansa.", "Weirs", "2004");

    private static Consumer<ParagraphBuilder> single(int after, Consumer<ParagraphBuilder> entry) {
        return line -> entry.accept(line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                .set(ParagraphProperties.SPACE_AFTER, after));
    }

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void singleSpacedEntriesAreDoubled() {
        Draft.mla()
                .entries(List.of(single(0, KEEL), single(0, VERHOLT)))
                .rule(RULE)
                .isOff("1 line", "2 lines")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aGapAndABlankParagraphBetweenEntriesAreClosed() {
        Draft.mla()
                .entries(List.of(single(200, KEEL), single(0, VERHOLT)))
                .rule(RULE)
                .areOff("1 line", "10 pt")
                .putRight();
        Draft.mla()
                .entries(List.of(KEEL, line -> {}, VERHOLT))
                .rule(RULE)
                .isOff("27.6 pt", "0 pt")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void notesGuidesAskForSingleLinesAndABlankOneBetween() {
        Draft notes = Draft.mla().guide("chicago-notes");
        notes.entries(List.of(single(240, KEEL), single(240, VERHOLT)))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .guide("chicago-notes")
                .entries(List.of(KEEL, VERHOLT))
                .rule(RULE)
                .areOff("2 lines", "0 pt")
                .putRight();
    }

    @Test
    void absentWithoutEntries() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }
}
