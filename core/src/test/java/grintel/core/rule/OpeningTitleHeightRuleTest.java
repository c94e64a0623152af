package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class OpeningTitleHeightRuleTest {
    private static final String RULE = "opening.title-height";
    private static final String TITLE = "Lamps on the Low Canal";

    @Test
    void metByASpaceAndByBlankLines() {
        Front.of("apa-7-student").title(TITLE).student().over(TITLE).rule(RULE).isMet();
        Front.of("apa-7-student")
                .block(out -> out.paragraph("").paragraph("").paragraph(""))
                .title(TITLE, line -> line.set(ParagraphProperties.SPACE_AFTER, 552))
                .student()
                .over(TITLE)
                .rule(RULE)
                .isMet();
    }

    @Test
    void aTitleAtTheTopOfItsPageIsLowered() {
        Front.of("apa-7-student")
                .title(TITLE, line -> line.set(ParagraphProperties.SPACE_AFTER, 552))
                .student()
                .over(TITLE)
                .rule(RULE)
                .areOff("0 in")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aTitlePushedIntoTheLowerHalfIsRaised() {
        Front.of("apa-7-student")
                .block(out -> {
                    for (int i = 0; i < 13; i++) {
                        out.paragraph("");
                    }
                })
                .title(TITLE, line -> line.set(ParagraphProperties.SPACE_AFTER, 552))
                .student()
                .over(TITLE)
                .rule(RULE)
                .areOff("4.98 in")
                .putRight();
    }

    @Test
    void absentWithoutTitlePage() {
        Draft.mla().guide("apa-7-student").rule(RULE).isAbsent();
    }
}
