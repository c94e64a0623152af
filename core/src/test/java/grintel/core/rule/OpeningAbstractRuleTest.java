package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class OpeningAbstractRuleTest {
    private static final String RULE = "opening.abstract";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front professional() {
        return Front.of("apa-7-professional")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College");
    }

    @Test
    void met() {
        professional().over("Abstract").left(Draft.PROSE).over(TITLE).rule(RULE).isMet();
    }

    @Test
    void aMissingOneIsTheWritersWork() {
        RuleCase off = professional().over(TITLE).rule(RULE).isOff("no abstract", "an abstract");
        off.isForTheWriter();
    }

    @Test
    void anIndentAndAPlainLabelArePutRight() {
        professional()
                .line("Abstract", line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true))
                .block(out -> out.paragraph(line ->
                        line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(Draft.PROSE)))
                .over(TITLE)
                .rule(RULE)
                .areOff("plain", "0.5 in")
                .putRight();
    }

    @Test
    void tooManyWordsAndASecondParagraphAreTold() {
        RuleCase off = professional()
                .over("Abstract")
                .left((Draft.PROSE + " ").repeat(4))
                .left((Draft.PROSE + " ").repeat(3))
                .over(TITLE)
                .rule(RULE)
                .areOff("2 paragraphs", "287 words");
        off.isForTheWriter();
    }

    @Test
    void notAskedOfStudents() {
        Draft.mla().guide("apa-7-student").rule(RULE).isNotAsked();
    }

    @Test
    void anOlderEditionAsksForEnoughWordsAndNotTooMany() {
        older(3).areOff("123 words");
        older(4).isMet();
        older(7).areOff("287 words");
    }

    private static RuleCase older(int times) {
        return Front.of("apa-6")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Brackwater College")
                .line("Abstract", line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true))
                .left((Draft.PROSE + " ").repeat(times).strip())
                .line(TITLE, line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true))
                .rule(RULE);
    }

    @Test
    void aMissingLabelIsSetOverTheAbstract() {
        RuleCase after = professional()
                .block(out -> out.paragraph(line ->
                        line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true).text(Draft.PROSE)))
                .over(TITLE)
                .rule(RULE)
                .isOff("no label", "“Abstract”")
                .putRight();
        assertThat(after.paper().paragraphs().get(3).text()).isEqualTo("Abstract");
        assertThat(after.paper().paragraphs().get(3).format().get(ParagraphProperties.PAGE_BREAK_BEFORE))
                .isTrue();
        assertThat(after.paper().paragraphs().get(4).format().get(ParagraphProperties.PAGE_BREAK_BEFORE))
                .isFalse();
    }
}
