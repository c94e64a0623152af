package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import org.junit.jupiter.api.Test;

class TextQuotationLongRuleTest {
    private static final String RULE = "text.quotation-long";
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
        RuleCase after = quoting(Draft.PROSE.substring(0, Draft.PROSE.length() - 1), " (Keel, 2016). So it is.")
                .rule(RULE)
                .isOff("41 words", "fewer than 40 words")
                .isAsked()
                .putRightLeaving("text.quotation-form");
        assertThat(after.paper().paragraphs().subList(8, 11))
                .extracting(Paragraph::text)
                .containsExactly(
                        LEAD,
                        "“" + Draft.PROSE.substring(0, Draft.PROSE.length() - 1) + "” (Keel, 2016). ",
                        "So it is.");
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
                .areOff("1 line");
    }
}
