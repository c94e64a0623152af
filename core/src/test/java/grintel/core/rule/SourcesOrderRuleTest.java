package grintel.core.rule;

import static grintel.core.rule.Draft.book;

import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesOrderRuleTest {
    private static final String RULE = "sources.order";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aSingleEntryHasNoOrder() {
        Draft.mla()
                .entries(List.of(book("Keel, J. R.", "Bells", "2016")))
                .rule(RULE)
                .isAbsent();
    }

    @Test
    void anEntryOutOfOrderIsToldWhereItBelongsAndMoved() {
        Draft.mla()
                .entries(List.of(
                        book("Tamberg, Ilse.", "Quays", "1999"),
                        book("Arden, Tove.", "Ferries", "2001"),
                        book("Keel, J. R.", "Bells", "2016"),
                        book("Verholt, Ansa.", "Weirs", "2004")))
                .rule(RULE)
                .isOff(
                        "“Tamberg, Ilse. Quays. Low Water Press, 1999.”",
                        "after “Keel, J. R. Bells. Low Water Press, 2016.”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aListThatStandsUpsideDownIsPutRightInOneTurn() {
        Draft.mla()
                .entries(List.of(
                        book("Verholt, Ansa.", "Weirs", "2004"),
                        book("Tamberg, Ilse.", "Quays", "1999"),
                        book("Keel, J. R.", "Bells", "2016"),
                        book("Dunmore, Per.", "Oil", "2016"),
                        book("Arden, Tove.", "Ferries", "2001")))
                .rule(RULE)
                .putRight();
    }

    @Test
    void articlesAccentsParticlesAndNothingBeforeSomethingCount() {
        Draft.mla()
                .entries(List.of(
                        book("Ångmann, Tove.", "Ferries", "2001"),
                        book("Brown, Ada.", "Quays", "1999"),
                        book("Browning, Abel.", "Quays", "1999"),
                        book("de Hale, Ines.", "Bells", "2016"),
                        line -> line.text("The Hale Register", Draft.ITALIC).text(". Low Water Press, 2009."),
                        book("van Aken, Jan.", "Weirs", "2004")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void anEntryWithADashForItsAuthorMovesWithIt() {
        Draft.mla()
                .entries(List.of(
                        book("Keel, J. R.", "Bells", "2016"),
                        book("———.", "Weirs", "2018"),
                        book("Tamberg, Ilse.", "Quays", "1999"),
                        book("Arden, Tove.", "Ferries", "2001")))
                .rule(RULE)
                .isOff("“Arden, Tove. Ferries. Low Water Press, 2001.”", "first of all")
                .putRight();
        Draft.mla()
                .entries(List.of(
                        book("Arden, Tove.", "Ferries", "2001"),
                        book("Tamberg, Ilse.", "Quays", "1999"),
                        book("Verholt, Ansa.", "Oil", "2004"),
                        book("Keel, J. R.", "Bells", "2016"),
                        book("———.", "Weirs", "2018")))
                .rule(RULE)
                .isOff(
                        "“Keel, J. R. Bells. Low Water Press, 2016.”",
                        "after “Arden, Tove. Ferries. Low Water Press, 2001.”")
                .putRight();
    }

    @Test
    void worksOfOneAuthorGoByTheirYears() {
        Draft.mla()
                .guide("apa-7-student")
                .entries(List.of(
                        line -> line.text("Keel, J. R. (2018). ")
                                .text("Weirs", Draft.ITALIC)
                                .text(". Low Water Press."),
                        line -> line.text("Keel, J. R. (2016b). ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Low Water Press."),
                        line -> line.text("Keel, J. R., & Arden, T. (2001). ")
                                .text("Oil", Draft.ITALIC)
                                .text(". Tide Press.")))
                .rule(RULE)
                .areOff("“Keel, J. R. (2018). Weirs. Low Water Press.”")
                .putRight();
    }
}
