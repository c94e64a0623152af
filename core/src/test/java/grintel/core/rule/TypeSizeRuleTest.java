package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypeSizeRuleTest {
    private static final String RULE = "type.size";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet("12 pt", "11 to 13 pt");
    }

    private static final PropertySet DOUBLE = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);

    @Test
    void aSizeOutsideTheBoundsIsOffAndPutRight() {
        Draft.mla()
                .normal(DOUBLE, Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("10 pt", "11 to 13 pt")
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

    @Test
    void isSilentWhileTheFaceIsOff() {
        Draft.mla()
                .guide("apa-7-student")
                .normal(DOUBLE, Draft.type("Cambria", 30))
                .rule(RULE)
                .isSilent();
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void onlyWhatHasTheSizeOfTheTextIsChangedAndTablesAreNot() {
        RuleCase after = Draft.mla()
                .normal(DOUBLE, Draft.type("Times New Roman", 20))
                .text(p -> p.text("a small word ", PropertySet.of(CharacterProperties.SIZE, 16))
                        .text(Draft.PROSE))
                .add(b -> b.paragraph("Table 1")
                        .paragraph("Lamps")
                        .table(List.of(4000), List.of(List.of("lamps")), PropertySet.empty()))
                .rule(RULE)
                .isOff("10 pt", "11 to 13 pt")
                .putRight();
        assertThat(sizes(after, 8)).containsExactly(16, 24);
        assertThat(after.paper().paragraphs())
                .filteredOn(line -> line.text().equals("lamps"))
                .allSatisfy(cell -> assertThat(cell.texts().get(0).format().get(CharacterProperties.SIZE))
                        .isEqualTo(20));
    }

    private static List<Integer> sizes(RuleCase of, int paragraph) {
        return of.paper().paragraphs().get(paragraph).texts().stream()
                .map(text -> text.format().get(CharacterProperties.SIZE))
                .distinct()
                .toList();
    }
}
