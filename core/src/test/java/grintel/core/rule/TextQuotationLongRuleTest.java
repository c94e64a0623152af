package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import java.util.List;
import org.junit.jupiter.api.Test;

class TextQuotationLongRuleTest {
    private static final String RULE = "text.quotation-long";
    private static final String WORDS = Draft.PROSE.substring(0, Draft.PROSE.length() - 1);
    private static final String LEAD = "The keeper writes in the ledger of the year before, ";

    private static Draft quoting(String words, String after) {
        return Draft.mla().guide("apa-7-student").text(line -> line.text(LEAD + "“" + words + "”" + after));
    }

    @Test
    void shortOnesAreMet() {
        quoting("the lamp comes first", " and goes on.").rule(RULE).isMet();
    }

    @Test
    void oneOfFortyWordsIsSetOffWithItsCitation() {
        RuleCase after = quoting(WORDS, " (Keel, 2016). So it is.")
                .rule(RULE)
                .isOff("41 words", "fewer than 40 words")
                .isAsked()
                .putRightLeaving("text.quotation-form");
        assertThat(after.paper().paragraphs().subList(8, 11))
                .extracting(Paragraph::text)
                .containsExactly(LEAD, "“" + WORDS + "” (Keel, 2016). ", "So it is.");
    }

    @Test
    void mlaCountsLinesAsTheyWouldRun() {
        String five = (Draft.PROSE + " ").repeat(3).strip();
        Draft.mla()
                .text(line -> line.text(LEAD + "“" + five + "”"))
                .rule(RULE)
                .areOff("6 lines")
                .isAsked();
        Draft.mla()
                .text(line -> line.text(LEAD + "“" + Draft.PROSE + "”"))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .text(line -> line.text(LEAD + "“the lamp / and then the water / and the town / and we”"))
                .rule(RULE)
                .isOff("4 lines of verse", "fewer than 4 lines of verse");
    }

    @Test
    void aParagraphThatIsNothingElseBecomesTheBlockItself() {
        RuleCase after = Draft.mla()
                .guide("apa-7-student")
                .text(line -> line.text("“" + WORDS + "” (Keel, 2016)."))
                .rule(RULE)
                .isOff("41 words", "fewer than 40 words")
                .quoting("“In all three novels the canal is lit before it is named,…")
                .putRightLeaving("text.quotation-form");
        Paragraph block = after.paper().paragraphs().get(8);
        assertThat(block.leftIndent()).isEqualTo(720);
        assertThat(block.firstLineIndent()).isZero();
        assertThat(block.text()).isEqualTo("“" + WORDS + "” (Keel, 2016).");
    }

    @Test
    void whatGoesOnInTheMiddleOfASentenceHasNoIndentAndANewOneDoes() {
        assertThat(indentsAround(",  and so it is.")).containsExactly(720, 0, 0);
        assertThat(indentsAround(". So it is.")).containsExactly(720, 0, 720);
    }

    private static List<Integer> indentsAround(String after) {
        RuleCase done = quoting(WORDS, " (Keel, 2016)" + after).rule(RULE).putRightLeaving("text.quotation-form");
        return done.paper().paragraphs().subList(8, 11).stream()
                .map(Paragraph::firstLineIndent)
                .toList();
    }

    @Test
    void severalPassagesOfAParagraphAreSetOffOneAfterTheOther() {
        quoting(WORDS, " (Keel, 2016), and then “" + WORDS + "” (Keel, 2016).")
                .rule(RULE)
                .isOff("41 words", "fewer than 40 words")
                .at(8, 8);
    }

    @Test
    void threeLinesOfVerseStayAndOtherGuidesCountThemAsProse() {
        Draft.mla()
                .text(line -> line.text(LEAD + "“the lamp / and then the water / and the town”"))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .guide("apa-7-student")
                .text(line -> line.text(LEAD + "“the lamp / and then the water / and the town / and we / and you”"))
                .rule(RULE)
                .isMet();
    }

    @Test
    void metWithoutQuotations() {
        Draft.mla().rule(RULE).isMet();
    }
}
