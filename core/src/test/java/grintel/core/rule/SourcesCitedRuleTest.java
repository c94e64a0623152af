package grintel.core.rule;

import java.util.List;
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
}
