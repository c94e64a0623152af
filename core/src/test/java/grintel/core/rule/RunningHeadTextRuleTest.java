package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.guide.Facts;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class RunningHeadTextRuleTest {
    private static final String RULE = "running-head.text";
    private static final String PROFESSIONAL = "apa-7-professional";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void otherWordsGiveWayToTheSurname() {
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .text("M. Solvane, p. ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("“M. Solvane, p. 1”", "“Solvane 1”")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void withoutFactsTheSurnameIsReadOffThePaper() {
        Draft.mla().facts(Facts.NONE).rule(RULE).isMet();
    }

    @Test
    void aGuideThatWantsTheNumberAloneHasTheWordsTakenOut() {
        Draft.mla()
                .guide("apa-7-student")
                .rule(RULE)
                .isOff("“Solvane 1”", "no words")
                .putRight();
    }

    @Test
    void aHeaderWithoutWordsIsGivenThem() {
        Draft.mla()
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("no words", "“Solvane 1”")
                .putRight();
    }

    @Test
    void wordsWithoutANumberAreAskedForWithoutOne() {
        Draft.mla()
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).text("Marit"))
                .rule(RULE)
                .isOff("“Marit”", "“Solvane”")
                .putRight();
    }

    @Test
    void besideAPictureTheWordsAloneAreReplaced() {
        RuleCase after =
                besideAPicture("mla-9").isOff("“Marit 1”", "“Solvane 1”").putRight();
        assertThat(header(after)).contains("Solvane ").contains(String.valueOf(Paragraph.OBJECT));
        RuleCase bare =
                besideAPicture("apa-7-student").isOff("“Marit 1”", "no words").putRight();
        assertThat(header(bare)).doesNotContain("Marit");
    }

    private static RuleCase besideAPicture(String guide) {
        return Draft.mla()
                .guide(guide)
                .headerLine(h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .picture("mark.png", 90_000, 90_000, "a lamp")
                        .text("Marit ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE);
    }

    private static String header(RuleCase of) {
        Marginals.Marginal header = of.paper().sections().get(0).headers().get(Marginals.Variant.DEFAULT);
        assertThat(header).isNotNull();
        return header.paragraphs().get(0).text();
    }

    @Test
    void whatNoOneKnowsIsNotMeasured() {
        Draft.mla()
                .guide("apa-7-professional")
                .facts(Facts.NONE)
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).pageNumber(PropertySet.empty()))
                .house("running-head.length: {characters: 5}")
                .rule(RULE)
                .isSilent();
    }

    @Test
    void theShortTitleStandsAtTheLeftMargin() {
        Specimen right = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        rule(right).isMet();
        Specimen pushed = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        pushed.header = line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                .text("LOW CANAL ")
                .pageNumber(PropertySet.empty());
        rule(pushed).isOff("away from the left margin", "at the left margin").putRight();
        Specimen bare = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        bare.header =
                line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).pageNumber(PropertySet.empty());
        rule(bare).isOff("no words", "“LOW CANAL 1”").putRight().isMet();
    }

    @Test
    void aShortTitleInSmallLettersIsPutInCapitals() {
        Specimen specimen = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        specimen.header = line -> specimen.headLine(line, "", "Low Canal", true);
        rule(specimen).isOff("“Low Canal 1”", "“LOW CANAL 1”").putRight();
    }

    @Test
    void aLabelThatIsWelcomeStaysWhenTheWordsChange() {
        Specimen specimen = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        specimen.header = line -> specimen.headLine(line, "Running head: ", "CANALS", true);
        RuleCase after = rule(specimen)
                .isOff("“Running head: CANALS 1”", "“LOW CANAL 1”")
                .putRight();
        assertThat(header(after)).startsWith("Running head: LOW CANAL");
    }

    private static RuleCase rule(Specimen specimen) {
        return new RuleCase(RULE, PROFESSIONAL, Facts.of("Solvane", "Low canal"), specimen.build());
    }

    @Test
    void aShortTitleIsOfferedFromTheHeaderElseFromTheTitle() {
        assertThat(headed("LOW CANAL")).isEqualTo("LOW CANAL");
        assertThat(headed("Running head: Low Canal")).isEqualTo("Low Canal");
        assertThat(headed("Solvane")).isEqualTo("Lamps on the Low Canal");
        Specimen specimen = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        specimen.titleWords = "Night Work: Lamps on the Low Canal";
        specimen.header = line -> line.pageNumber(PropertySet.empty());
        assertThat(rule(specimen).offered()).isEqualTo("Night Work");
        specimen = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        specimen.titleWords = "Lamps, Lanterns, Bells, and Other Lights of the Low Canal";
        specimen.header = line -> line.pageNumber(PropertySet.empty());
        assertThat(rule(specimen).offered()).isEmpty();
    }

    private static String headed(String words) {
        Specimen specimen = Specimen.of(PROFESSIONAL, Specimen.Content.NOTHING);
        specimen.header = line -> specimen.headLine(line, "", words, true);
        return rule(specimen).offered();
    }
}
