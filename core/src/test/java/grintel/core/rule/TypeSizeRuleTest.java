package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class TypeSizeRuleTest {
    private static final String RULE = "type.size";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    private static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    @Test
    void aSizeOutsideTheBoundsIsOffAndPutRight() {
        Draft.mla()
                .normal(DOUBLE, Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("10 pt", "12 pt")
                .putRight();
    }

    @Test
    void theSizeBelongsToTheFace() {
        Draft.mla()
                .guide("apa-7-student")
                .normal(DOUBLE, Draft.type("Calibri", 24))
                .rule(RULE)
                .isOff("12 pt", "11 pt")
                .putRight();
    }

    @Test
    void whileTheFaceIsOffTheSizeIsSilent() {
        Draft.mla()
                .guide("apa-7-student")
                .normal(DOUBLE, Draft.type("Cambria", 30))
                .rule(RULE)
                .isAbsent();
    }
}
