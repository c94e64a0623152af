package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Origin;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesHangingRuleTest {
    private static final String RULE = "sources.hanging";
    private static final String LONG = "Bells of the Northern Harbours and of the Islands before Them";

    @Test
    void met() {
        Draft.mla()
                .entries(List.of(Draft.book("Keel, J. R.", LONG, "2016")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void entriesSetAsParagraphsAreHung() {
        Draft.mla()
                .entries(List.of(
                        line -> Draft.book("Keel, J. R.", LONG, "2016")
                                .accept(line.set(ParagraphProperties.INDENT_LEFT, 0)
                                        .set(ParagraphProperties.INDENT_FIRST_LINE, 720)),
                        Draft.book("Verholt, Ansa.", LONG, "2004")))
                .rule(RULE)
                .areOff("0.5 in", "0 in")
                .putRight();
    }

    @Test
    void anIndentMadeOfSpacesIsMeasuredAndTakenOut() {
        Draft.mla()
                .entries(List.of(
                        line -> Draft.book("     Keel, J. R.", LONG, "2016").accept(line),
                        Draft.book("Verholt, Ansa.", LONG, "2004")))
                .rule(RULE)
                .areOff("0.21 in")
                .putRight();
    }

    @Test
    void absentWithoutEntries() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }

    @Test
    void entriesInAStyleOfTheirOwnAreHungInIt() {

        RuleCase after = styled().rule(RULE).areOff("0 in").putRight();
        assertThat(after.paper().paragraphs())
                .filteredOn(line -> "Source".equals(line.styleId()))
                .allSatisfy(line -> {
                    assertThat(line.format().origin(ParagraphProperties.INDENT_LEFT))
                            .isEqualTo(new Origin.OfStyle("Source"));
                    assertThat(line.format().get(ParagraphProperties.INDENT_FIRST_LINE))
                            .isEqualTo(-720);
                });
    }

    private static Draft styled() {
        return Draft.mla()
                .sheet(b -> b.style(
                        "Source",
                        "Source",
                        Style.Kind.PARAGRAPH,
                        "Normal",
                        PropertySet.of(ParagraphProperties.INDENT_LEFT, 0),
                        PropertySet.empty()))
                .withoutSources()
                .add(b -> b.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                        .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                        .text("Works Cited")))
                .add(b -> b.paragraph(
                        line -> Draft.book("Keel, J. R.", LONG + LONG, "2016").accept(line.style("Source"))))
                .add(b -> b.paragraph(
                        line -> Draft.book("Verholt, A.", LONG + LONG, "2004").accept(line.style("Source"))));
    }
}
