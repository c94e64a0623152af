package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Facts;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.specimen.Specimen;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class RunningHeadFirstPageRuleTest {
    private static final String RULE = "running-head.first-page";
    private static final String BARE = "running-head.first-page: {first-page: none}";
    private static final Consumer<ParagraphBuilder> LINE =
            line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                    .set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                    .text("Solvane ")
                    .pageNumber(PropertySet.empty());

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aFirstPageWithoutTheHeaderIsThisFindingAndNothingElse() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true))
                .rule(RULE)
                .isOff("no header", "as on the other pages")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aFirstPageThatSaysTheSameInAHeaderOfItsOwnIsMet() {
        Draft.mla()
                .sheet(b ->
                        b.section(SectionProperties.FIRST_PAGE_DIFFERS, true).header(Variant.FIRST, LINE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aLabelOfTheFirstPageAloneIsADifferenceWhereNoLabelIsAsked() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                        .header(
                                Variant.FIRST,
                                line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                                        .text("Running head: Solvane ")
                                        .pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isOff("“Running head: Solvane 1”", "as on the other pages")
                .putRight();
    }

    @Test
    void absentWhereNoPageHasAHeader() {
        Draft.mla()
                .header(null)
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true))
                .rule(RULE)
                .isAbsent();
    }

    @Test
    void aFooterOfTheFirstPageAloneMakesItsHeaderAMatter() {
        Draft.mla()
                .header(null)
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                        .footer(Variant.FIRST, line -> line.pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aFirstPageThatShouldBeBareIsAskedForAndMade() {
        RuleCase after = Draft.mla()
                .house(BARE)
                .rule(RULE)
                .isOff("“Solvane 1”", "no header")
                .putRight();
        Section section = after.paper().sections().get(0);
        assertThat(section.get(SectionProperties.FIRST_PAGE_DIFFERS)).isTrue();
        assertThat(section.headers().stories()).hasSize(1);
        assertThat(section.footers().stories()).isEmpty();
    }

    @Test
    void whatStandsOnAFirstPageOfItsOwnIsTakenOut() {
        Draft.mla()
                .house(BARE)
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                        .header(Variant.FIRST, LINE)
                        .footer(Variant.FIRST, line -> line.pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isOff("“Solvane 1”", "no header")
                .putRight();
    }

    @Test
    void aNumberAtTheFootOfAFirstPageIsNotBare() {
        Draft.mla()
                .house(BARE)
                .sheet(b -> b.section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                        .footer(Variant.FIRST, line -> line.pageNumber(PropertySet.empty())))
                .rule(RULE)
                .isOff("“1”", "no header")
                .putRight();
    }

    @Test
    void aHiddenFirstHeaderThatWouldShowIsBlankedWithTheRest() {
        RuleCase after = Draft.mla()
                .house(BARE)
                .sheet(b -> b.header(Variant.FIRST, LINE).footer(Variant.FIRST, LINE))
                .rule(RULE)
                .isOff("“Solvane 1”", "no header")
                .putRight();
        Section section = after.paper().sections().get(0);
        assertThat(List.of(section.headers(), section.footers())).allSatisfy(marginals -> {
            Marginals.Marginal first = marginals.get(Variant.FIRST);
            assertThat(first).isNotNull();
            assertThat(first.paragraphs()).allMatch(Paragraph::isBlank);
        });
    }

    @Test
    void onlyATitlePageIsBareWhereTheGuideSpeaksOfTitlePages() {
        Draft.mla()
                .house("running-head.first-page: {first-page: none-on-title-page}")
                .rule(RULE)
                .isMet();
        Specimen specimen = Specimen.of("chicago-notes", Specimen.Content.NOTHING);
        specimen.section.set(SectionProperties.FIRST_PAGE_DIFFERS, false);
        new RuleCase(RULE, "chicago-notes", Facts.of("Solvane", "LOW CANAL"), specimen.build())
                .isOff("“0”", "no header")
                .putRight();
    }

    @Test
    void aFirstPageAsTheOthersButForItsLabelIsMetWhereTheGuideAsksForOne() {
        Specimen specimen = Specimen.of("apa-6", Specimen.Content.NOTHING);
        new RuleCase(RULE, "apa-6", Facts.of("Solvane", "LOW CANAL"), specimen.build()).isMet();
    }

    @Test
    void aSectionThatDiffersAsAWholeIsAMatterOfItsOwn() {
        Draft.mla()
                .text(p -> p.text((Draft.PROSE + " ").repeat(30)))
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.header(Variant.DEFAULT, line -> line.text("Works")))
                .rule(RULE)
                .isMet();
    }
}
