package grintel.core.rule;

import static grintel.core.rule.Draft.book;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.build.PaperBuilder;
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

    @Test
    void underHeadingsEachGroupHasAnOrderOfItsOwn() {
        grouped("Keel, J. R.", "Verholt, Ansa.", "Arden, Tove.", "Tamberg, Ilse.")
                .isMet();
        grouped("Verholt, Ansa.", "Keel, J. R.", "Arden, Tove.", "Tamberg, Ilse.")
                .isOff(
                        "“Verholt, Ansa. Oil. Low Water Press, 2004.”",
                        "after “Keel, J. R. Oil. Low Water Press, 2004.”")
                .putRight();
    }

    private static RuleCase grouped(String... names) {
        return Draft.mla()
                .guide("chicago-notes")
                .headingStyles()
                .withoutSources()
                .add(b -> b.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                        .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                        .text("Bibliography")))
                .add(b -> group(b, "Novels", names[0], names[1]))
                .add(b -> group(b, "Ledgers", names[2], names[3]))
                .rule(RULE);
    }

    private static void group(PaperBuilder out, String label, String one, String two) {
        out.paragraph(line -> line.style("H1").text(label, Draft.BOLD));
        for (String name : List.of(one, two)) {
            out.paragraph(line -> book(name, "Oil", "2004")
                    .accept(line.set(ParagraphProperties.INDENT_LEFT, 720)
                            .set(ParagraphProperties.INDENT_FIRST_LINE, -720)));
        }
    }

    @Test
    void anEntryThatEndsASectionIsForTheWriter() {
        Draft draft = Draft.mla().withoutSources();
        draft.add(b -> b.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text("Works Cited")));
        draft.add(b -> b.paragraph(book("Verholt, Ansa.", "Weirs", "2004"))
                .endSection()
                .paragraph(book("Arden, Tove.", "Ferries", "2001"))
                .paragraph(book("Keel, J. R.", "Bells", "2016")));
        draft.rule(RULE)
                .isOff(
                        "“Verholt, Ansa. Weirs. Low Water Press, 2004.”",
                        "after “Keel, J. R. Bells. Low Water Press, 2016.”")
                .isForTheWriter();
    }
}
