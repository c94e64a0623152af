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
        Draft.mla().normal(DOUBLE, Draft.type("Garamond", 24)).rule(RULE).isMet("Garamond", "any readable face");
        Draft.mla()
                .normal(DOUBLE, Draft.type("Comic Sans MS", 24))
                .rule(RULE)
                .isOff("Comic Sans MS", "Times New Roman")
                .putRight();
    }

    @Test
    void onlyTheFaceOfTheTextIsChanged() {
        RuleCase after = Draft.mla()
                .guide("apa-7-student")
                .normal(DOUBLE, Draft.type("Cambria", 24))
                .text(p -> p.text("a word ", Draft.type("Verdana", 24)).text(Draft.PROSE))
                .text(p -> p.text(Draft.PROSE, Draft.type("Verdana", 24)))
                .rule(RULE)
                .isOff("Cambria", "Times New Roman")
                .at(0, 1, 2, 3, 4, 5, 6, 7, 8, 10, 11, 12)
                .putRight();
        assertThat(after.paper().paragraphs().get(9).texts().get(0).format().get(CharacterProperties.FACE))
                .isEqualTo("Verdana");
    }
}
