package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesHangingRuleTest {
    private static final String RULE = "sources.hanging";
    private static final String LONG = "Bells of the Northern Harbours and of the Islands before Them";

    @Test
    void met() {
        Draft.mla()
                .entries(List.of(Draft.book("Keel, J. R.", LONG, "2016")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void entriesSetAsParagraphsAreHung() {
        Draft.mla()
                .entries(List.of(
                        line -> Draft.book("Keel, J. R.", LONG, "2016")
                                .accept(line.set(ParagraphProperties.INDENT_LEFT, 0)
                                        .set(ParagraphProperties.INDENT_FIRST_LINE, 720)),
                        Draft.book("Verholt, Ansa.", LONG, "2004")))
                .rule(RULE)
                .areOff("0.5 in", "0 in")
                .putRight();
    }

    @Test
    void anIndentMadeOfSpacesIsMeasuredAndTakenOut() {
        Draft.mla()
                .entries(List.of(
                        line -> Draft.book("     Keel, J. R.", LONG, "2016").accept(line),
                        Draft.book("Verholt, Ansa.", LONG, "2004")))
                .rule(RULE)
                .areOff("0.21 in")
                .putRight();
    }

    @Test
    void absentWithoutEntries() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }
}
