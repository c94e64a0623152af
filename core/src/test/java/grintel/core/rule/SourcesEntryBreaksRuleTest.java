package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
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
    void oneSpaceIsLeftWhereTheFirstPartEndsWithOne() {
        RuleCase after = Draft.mla()
                .entries(List.of(
                        line -> line.text("Keel, J. R. ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Low Water Press, 2016, "),
                        line -> line.text("https://tidewrack.example/bells"),
                        Draft.book("Verholt, Ansa.", "Weirs", "2004")))
                .rule(RULE)
                .isOff("1 second part", "none")
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(Paragraph::text)
                .contains("Keel, J. R. Bells. Low Water Press, 2016, https://tidewrack.example/bells");
    }

    @Test
    void absentWithoutEntries() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }

    @Test
    void oneSpaceIsLeftWhereABreakWas() {
        assertThat(broken("Low Water", "", "Press")).isEqualTo("Keel, J. R. Low Water Press, 2016.");
        assertThat(broken("Low Water ", " \t ", "Press")).isEqualTo("Keel, J. R. Low Water Press, 2016.");
    }

    private static String broken(String before, String space, String after) {
        RuleCase off = Draft.mla()
                .entries(List.of(
                        line -> line.text("Keel, J. R. " + before).lineBreak().text(space + after + ", 2016.")))
                .rule(RULE)
                .isOff("1 line break", "none")
                .putRight();
        List<Paragraph> all = off.paper().paragraphs();
        return all.get(all.size() - 1).text();
    }

    @Test
    void aBreakAtEitherEndIsNone() {
        Draft.mla()
                .entries(List.of(
                        line -> line.text("Keel, J. R. Bells. Low Water Press, 2016.")
                                .lineBreak(),
                        line -> line.lineBreak().text("Verholt, A. Weirs. Low Water Press, 2004.")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void whatGoesOnIsToldFromTheNextEntry() {
        goesOn("Keel, J. R. Bells of the", "North. Low Water Press, 2016.").isOff("1 second part", "none");
        goesOn("Keel, J. R. Bells,", "Islands, and Quays. Low Water Press, 2016.")
                .isOff("1 second part", "none");
        goesOn("Keel, J. R. Bells and quays", "of the north. Low Water Press, 2016.")
                .isOff("1 second part", "none");
        goesOn("Keel, J. R. Bells. Low Water Press, 2016.", "https://tidewrack.example/bells")
                .isOff("1 second part", "none");
        goesOn("https://tidewrack.example/one", "https://tidewrack.example/two").isMet();
        goesOn("https://tidewrack.example/one-of-the", "Verholt, A. Weirs. Low Water Press, 2004.")
                .isMet();
        goesOn("Keel, J. R. Bells. Low Water Press, 2016.", "de Hale, Ines. Weirs. Low Water Press, 2004.")
                .isMet();
    }

    private static RuleCase goesOn(String one, String two) {
        return Draft.mla()
                .entries(List.of(line -> line.text(one), line -> line.text(two)))
                .rule(RULE);
    }
}
