package grintel.core.rule;

import org.junit.jupiter.api.Test;

class SourcesListRuleTest {
    private static final String RULE = "sources.list";
    private static final String CITING = "Lamps are dear (Keel 12), and oil is dearer (Verholt 40). ";

    @Test
    void aListIsMet() {
        Draft.mla().text(p -> p.text(CITING + Draft.PROSE)).rule(RULE).isMet();
    }

    @Test
    void aPaperThatCitesAndListsNothingIsTheWritersWork() {
        RuleCase off = Draft.mla()
                .withoutSources()
                .text(p -> p.text(CITING + Draft.PROSE))
                .rule(RULE);
        off.isOff("none", "a list of sources");
        off.isForTheWriter();
    }

    @Test
    void aPaperThatNeitherCitesNorListsHasNothingToJudge() {
        Draft.mla().withoutSources().text(p -> p.text(Draft.PROSE)).rule(RULE).isAbsent();
    }

    @Test
    void oneCitationIsTooLittleAndYearsAloneNameNoOne() {
        Draft.mla()
                .withoutSources()
                .text(p -> p.text("Lamps are dear (Keel 12). " + Draft.PROSE))
                .rule(RULE)
                .isAbsent();
        Draft.mla()
                .withoutSources()
                .text(p -> p.text("Lamps are dear (1924), and oil is dearer (1926). " + Draft.PROSE))
                .rule(RULE)
                .isAbsent();
    }
}
