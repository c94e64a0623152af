package grintel.core.rule;

import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class SourcesCitedRuleTest {
    private static final String RULE = "sources.cited";

    private static RuleCase citing(String text) {
        return Draft.mla().text(p -> p.text(text + " " + Draft.PROSE)).rule(RULE);
    }

    @Test
    void met() {
        citing("Lamps are dear (Keel 12), and oil is dearer (Verholt 40).").isMet();
    }

    @Test
    void whatIsNotListedAndWhatIsNotCitedAreTold() {
        RuleCase off = citing("Lamps are dear (Keel 12), and wicks are cheap (Arden 3).");
        off.areOff("“Arden 3”", "not cited");
        off.isForTheWriter();
    }

    @Test
    void aNameSpelledNearlySoIsToldAsSuch() {
        citing("Lamps are dear (Keel 12), and oil is dearer (Verhold 40).")
                .areOff("“Verhold 40” (a name of the list is spelled nearly so)", "not cited");
    }

    @Test
    void yearsCountWhereTheGuideCitesByThem() {
        Draft.mla()
                .guide("apa-7-student")
                .entries(List.of(
                        line -> line.text("Keel, J. R. (2016). ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Tide Press."),
                        line -> line.text("Harbour Board. (2015). ")
                                .text("Bells", Draft.ITALIC)
                                .text(". Tide Press.")))
                .text(p -> p.text("Lamps are dear (Harbour Board, 2015; Keel, 2017). " + Draft.PROSE))
                .rule(RULE)
                .areOff("“Keel, 2017”");
    }

    @Test
    void absentWithoutEntriesAndNotAskedInNotes() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
        Draft.mla().guide("chicago-notes").rule(RULE).isNotAsked();
    }

    @Test
    void anAcronymIsOneThatOnlyTheWriterCanSpellOut() {
        citing("Lamps are dear (Keel 12), and oil too (Verholt 40; NHB 3).").isMet();
        citing("Lamps are dear (Keel 12), and oil too (Verholt 40; HARBOUR 3).").areOff("“HARBOUR 3”");
    }

    @Test
    void aNameMayBeGivenInFullAndAGroupByItsFirstWord() {
        citing("Lamps are dear (Keel 12), and oil too (Ansa Verholt 40).").isMet();
        Draft.mla()
                .entries(List.of(line -> line.text("Harbour Board of the Low Canal. ")
                        .text("Sums", Draft.ITALIC)
                        .text(". Low Water Press, 2015.")))
                .text(p -> p.text("The Harbour Board counts every lamp (Harbour 12). " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aGroupIsNamedByTheFirstTwoWordsOfWeight() {
        List<Consumer<ParagraphBuilder>> entries = List.of(
                Draft.book("Keel, J. R.", "Bells", "2016"),
                line -> line.text("Night Watch of the Low Canal. ")
                        .text("Sums", Draft.ITALIC)
                        .text(". Low Water Press, 2015."));
        Draft.mla()
                .entries(entries)
                .text(p -> p.text("The night is long (Keel 12). " + Draft.PROSE))
                .rule(RULE)
                .areOff("not cited");
        Draft.mla()
                .entries(entries)
                .text(p -> p.text("The night watch is long (Keel 12). " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aSurnameOfSeveralWordsIsNamedByItsLast() {
        Draft.mla()
                .entries(List.of(
                        Draft.book("Keel, J. R.", "Bells", "2016"), Draft.book("van der Meer, Ansa.", "Weirs", "2004")))
                .text(p -> p.text("As Meer says, lamps are dear (Keel 12). " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aSourceIsToldOnceHoweverOftenItIsCited() {
        citing("Lamps (Keel 12), oil (Verholt 4), wicks (Arden 3), and wicks again (Arden 5).")
                .areOff("“Arden 3”");
    }

    @Test
    void worksWithADashForTheirAuthorAreCitedWithHim() {
        Draft.mla()
                .entries(List.of(Draft.book("Keel, J. R.", "Bells", "2016"), Draft.book("———.", "Weirs", "2018")))
                .text(p -> p.text("Lamps are dear (Keel 12). " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aPaperWithoutCitationsIsNotAskedForThem() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void oneSlipMakesANameNearAndTwoDoNot() {
        for (String near : List.of("Verholtt", "Verhol", "Verhlot", "Vreholt", "Werholt", "Verhost")) {
            spelled(near).areOff("“" + near + " 40” (a name of the list is spelled nearly so)", "not cited");
        }
        for (String far : List.of("Verhalds", "Verh", "Verhtol", "Verbelt")) {
            spelled(far).areOff("“" + far + " 40”", "not cited");
        }
        Draft.mla()
                .entries(List.of(Draft.book("Keel, J. R.", "Bells", "2016")))
                .text(p -> p.text("Lamps are dear (Keen 12). " + Draft.PROSE))
                .rule(RULE)
                .areOff("“Keen 12”", "not cited");
    }

    private static RuleCase spelled(String name) {
        return citing("Lamps are dear (Keel 12), and oil is dearer (" + name + " 40).");
    }
}
