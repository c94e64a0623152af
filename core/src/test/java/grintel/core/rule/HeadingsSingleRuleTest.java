package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class HeadingsSingleRuleTest {
    private static final String RULE = "headings.single";

    private static Draft divided() {
        return Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "Oil", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Price", Draft.ITALIC);
    }

    @Test
    void twoPartsAreMet() {
        divided()
                .heading("H2", Alignment.LEFT, "Weight", Draft.ITALIC)
                .rule(RULE)
                .isMet();
    }

    @Test
    void oneIsTheWritersWork() {
        RuleCase one = divided()
                .rule(RULE)
                .isOff("1 subsection", "2 subsections at least")
                .quoting("Oil");
        one.isForTheWriter();
    }

    @Test
    void absentWhereNothingIsDivided() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
