package grintel.core.rule;

import grintel.core.paper.ParagraphProperties.Alignment;
import org.junit.jupiter.api.Test;

class HeadingsIntroductionRuleTest {
    private static final String RULE = "headings.introduction";

    private static Front apa() {
        return Front.of("apa-7-student").title("Lamps on the Low Canal").student();
    }

    @Test
    void met() {
        apa().over("Lamps on the Low Canal").rule(RULE).isMet();
    }

    @Test
    void aHeadingThatOnlySaysSoGoes() {
        apa().over("Lamps on the Low Canal")
                .title("Introduction", line -> {})
                .rule(RULE)
                .isOff("“Introduction”", "none")
                .putRight();
    }

    @Test
    void inPlaceOfTheTitleItsBreakIsKept() {
        apa().over("Introduction").rule(RULE).isOff("“Introduction”", "none").putRight();
    }

    @Test
    void aLaterSectionOfThatNameStays() {
        Draft.mla()
                .guide("apa-7-student")
                .headingStyles()
                .heading("H1", Alignment.CENTRE, "Introduction", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }
}
