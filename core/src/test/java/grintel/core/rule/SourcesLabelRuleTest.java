package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourcesLabelRuleTest {
    private static final String RULE = "sources.label";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aListOfOneEntryHasALabelOfItsOwn() {
        Draft one = Draft.mla().entries(List.of(Draft.book("Keel, J. R.", "Bells of the North", "2016")));
        one.label("Work Cited", line -> {}).rule(RULE).isMet();
    }

    @Test
    void theNameOfAnotherGuideIsReplaced() {
        Draft.mla()
                .label("Bibliography", line -> {})
                .rule(RULE)
                .isOff("“Bibliography”", "“Works Cited”")
                .andNothingElseIsOff()
                .putRight();
        Draft.mla()
                .label("Works cited:", line -> {})
                .rule(RULE)
                .isOff("“Works cited:”", "“Works Cited”")
                .putRight();
    }

    @Test
    void boldLettersAndAFirstLineIndentThatShiftsItArePutRight() {
        Draft.mla()
                .label(
                        "Works Cited",
                        line -> line.set(grintel.core.paper.ParagraphProperties.INDENT_FIRST_LINE, 720)
                                .mark(Draft.BOLD))
                .rule(RULE)
                .areOff("off the middle by 0.25 in")
                .putRight();
    }

    @Test
    void aPaperWithoutAListHasNoLabel() {
        Draft.mla().withoutSources().rule(RULE).isAbsent();
    }

    @Test
    void aListWithoutALabelIsGivenOne() {
        RuleCase after = Draft.mla()
                .withoutSources()
                .add(b -> b.paragraph(line -> Draft.book("Keel, J. R.", "Bells", "2016")
                        .accept(line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                                .set(ParagraphProperties.INDENT_LEFT, 720)
                                .set(ParagraphProperties.INDENT_FIRST_LINE, -720))))
                .add(b -> b.paragraph(line -> Draft.book("Verholt, Ansa.", "Weirs", "2004")
                        .accept(line.set(ParagraphProperties.INDENT_LEFT, 720)
                                .set(ParagraphProperties.INDENT_FIRST_LINE, -720))))
                .rule(RULE)
                .isOff("no label", "“Works Cited”")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).isEqualTo("Works Cited");
        assertThat(after.paper().paragraphs().get(8).format().get(ParagraphProperties.PAGE_BREAK_BEFORE))
                .isTrue();
    }
}
