package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class OpeningTitleGapRuleTest {
    private static final String RULE = "opening.title-gap";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front apa(int blanks) {
        return Front.of("apa-7-student")
                .title(TITLE, line -> line.set(ParagraphProperties.SPACE_BEFORE, 1656))
                .block(out -> {
                    for (int i = 0; i < blanks; i++) {
                        out.paragraph("");
                    }
                })
                .student()
                .over(TITLE);
    }

    @Test
    void oneBlankLineIsMet() {
        apa(1).rule(RULE).isMet();
    }

    @Test
    void noneAndTwoArePutRight() {
        apa(0).rule(RULE)
                .isOff("0 lines", "one blank double-spaced line")
                .andNothingElseIsOff()
                .putRight();
        apa(2).rule(RULE)
                .isOff("2 lines", "one blank double-spaced line")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithoutTitlePage() {
        Draft.mla().guide("apa-7-student").rule(RULE).isAbsent();
    }
}
