package grintel.core.rule;

import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesEntryBreaksRuleTest {
    private static final String RULE = "sources.entry-breaks";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aHardBreakAndTheTabAfterItGo() {
        Draft.mla()
                .entries(List.of(
                        line -> line.text("Keel, J. R. ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Low Water")
                                .lineBreak()
                                .tab()
                                .text("Press, 2016."),
                        Draft.book("Verholt, Ansa.", "Weirs", "2004")))
                .rule(RULE)
                .isOff("1 line break", "none")
                .isAsked()
                .putRight();
    }

    @Test
    void anEntryInTwoParagraphsIsJoined() {
        Draft.mla()
                .entries(List.of(
                        line -> line.text("Keel, J. R. ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Low Water"),
                        line -> line.text("https://tidewrack.example/bells"),
                        Draft.book("Verholt, Ansa.", "Weirs", "2004")))
                .rule(RULE)
                .isOff("1 second part", "none")
                .isAsked()
                .putRight();
    }

    @Test
    void absentWithoutEntries() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }
}
