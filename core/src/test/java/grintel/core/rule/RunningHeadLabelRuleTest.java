package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class RunningHeadLabelRuleTest {
    private static final String RULE = "running-head.label";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void theLabelOfAnOlderEditionGoes() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("Running head: Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("“Running head:”", "no label")
                .quoting("Running head:")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutAHeader() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }

    @Test
    void theFirstPageAloneHasItWhereTheGuideAsksForIt() {
        Specimen right = Specimen.of("apa-6", Specimen.Content.NOTHING);
        rule(right).isMet();
        Specimen bare = Specimen.of("apa-6", Specimen.Content.NOTHING);
        bare.section.set(SectionProperties.FIRST_PAGE_DIFFERS, false);
        rule(bare).isOff("no label", "“Running head:”").onPages(1).putRight().isMet();
    }

    @Test
    void aFirstPageOfItsOwnIsGivenItsLabel() {
        Specimen specimen = Specimen.of("apa-6", Specimen.Content.NOTHING);
        specimen.more = out -> out.header(Variant.FIRST, line -> specimen.headLine(line, "", "LOW CANAL", true));
        rule(specimen).isOff("no label", "“Running head:”").putRight().isMet();
    }

    @Test
    void onLaterPagesItGoes() {
        Specimen specimen = Specimen.of("apa-6", Specimen.Content.NOTHING);
        specimen.header = line -> specimen.headLine(line, "Running head: ", "LOW CANAL", true);
        rule(specimen)
                .isOff("“Running head:”", "no label")
                .onPages(2)
                .putRight()
                .isMet();
    }

    private static RuleCase rule(Specimen specimen) {
        return new RuleCase(RULE, "apa-6", Facts.of("Solvane", "LOW CANAL"), specimen.build());
    }
}
