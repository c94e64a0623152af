package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class RunningHeadTypeRuleTest {
    private static final String RULE = "running-head.type";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aHeaderInAnotherTypeIsSetInThatOfTheText() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("Solvane ", Draft.type("Calibri", 22))
                        .pageNumber(Draft.type("Calibri", 22)))
                .rule(RULE)
                .isOff("Calibri 11 pt", "Times New Roman 12 pt")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void ofTheFooterOnlyANumberIsJudged() {
        foot(f -> f.pageNumber(Draft.type("Calibri", 22)))
                .isOff("Calibri 11 pt", "Times New Roman 12 pt")
                .putRight();
        foot(f -> f.text("Draft", Draft.type("Calibri", 22))).isMet();
    }

    private static RuleCase foot(Consumer<ParagraphBuilder> content) {
        return Draft.mla()
                .sheet(b -> b.footer(Marginals.Variant.DEFAULT, content))
                .rule(RULE);
    }

    @Test
    void whatCannotBeSeenIsNotJudged() {
        PropertySet hidden = Draft.type("Calibri", 22).with(CharacterProperties.HIDDEN, true);
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("draft", hidden)
                        .text("  ", Draft.type("Calibri", 22))
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentWithoutAHeader() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }
}
