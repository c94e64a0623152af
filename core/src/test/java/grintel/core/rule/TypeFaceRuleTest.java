package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Origin;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class TypeFaceRuleTest {
    private static final String RULE = "type.face";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    private static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    @Test
    void aFaceTheGuideDoesNotPermitIsChangedInTheStyle() {
        RuleCase after = Draft.mla()
                .guide("apa-7-student")
                .normal(DOUBLE, Draft.type("Cambria", 24))
                .rule(RULE)
                .isOff("Cambria", "Times New Roman")
                .putRight();
        assertThat(after.paper().paragraphs())
                .allSatisfy(paragraph -> assertThat(paragraph.texts())
                        .allSatisfy(text -> assertThat(text.format().origin(CharacterProperties.FACE))
                                .isEqualTo(new Origin.OfStyle("Normal"))));
    }

    @Test
    void anyLegibleFaceIsMetWhereTheGuideSaysSoAndADisplayFaceIsNot() {
        Draft.mla().normal(DOUBLE, Draft.type("Garamond", 24)).rule(RULE).isMet();
        Draft.mla()
                .normal(DOUBLE, Draft.type("Comic Sans MS", 24))
                .rule(RULE)
                .isOff("Comic Sans MS", "Times New Roman")
                .putRight();
    }
}
