package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import org.junit.jupiter.api.Test;

class OpeningTitlePageRuleTest {
    private static final String RULE = "opening.title-page";

    @Test
    void met() {
        Front.of("apa-7-student")
                .title("Lamps on the Low Canal")
                .student()
                .over("Lamps on the Low Canal")
                .rule(RULE)
                .isMet();
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void headingLinesBecomeATitlePageOfWhatTheyAndTheFactsSay() {
        RuleCase after = Front.of("apa-7-student")
                .facts("{department: Department of Letters, institution: Brackwater College}")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .left("9 October 2026")
                .title("Lamps on the Low Canal", line -> {})
                .rule(RULE)
                .isOff("no title page", "a title page")
                .isAsked()
                .putRight();
        assertThat(after.paper().paragraphs().subList(0, 7))
                .extracting(Paragraph::text)
                .containsExactly(
                        "Lamps on the Low Canal",
                        "Marit Solvane",
                        "Department of Letters, Brackwater College",
                        "Literature 214",
                        "Dr. Ilse Tamberg",
                        "October 9, 2026",
                        "Lamps on the Low Canal");
    }

    @Test
    void aTitlePageNobodyAsksForBecomesHeadingLines() {
        RuleCase after = Front.of("mla-9")
                .title("Lamps on the Low Canal")
                .student()
                .over("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("a title page", "no title page")
                .isAsked()
                .putRight();
        assertThat(after.paper().paragraphs().subList(0, 5))
                .extracting(Paragraph::text)
                .containsExactly(
                        "Marit Solvane",
                        "Dr. Ilse Tamberg",
                        "LIT 214: Novels of the Canals",
                        "9 October 2026",
                        "Lamps on the Low Canal");
    }
}
