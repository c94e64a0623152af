package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class OpeningHeadingBlockRuleTest {
    private static final String RULE = "opening.heading-block";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
        Front.of("school-essay")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg, Period 3")
                .left("Second Essay")
                .left("October 9, 2026")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isMet();
    }

    @Test
    void aMissingLineIsSetFromTheFacts() {
        Front.of("mla-9")
                .facts("{course-number: LIT 214}")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("9 October 2026")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("the course is missing", "all there")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void theDateStandsLast() {
        Front.of("mla-9")
                .left("9 October 2026")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .areOff("the author", "the instructor", "the course")
                .isAsked();
    }

    @Test
    void linesThatAreSetInOrCentredStandAtTheMargin() {
        Front.of("mla-9")
                .left("Marit Solvane")
                .block(out -> out.paragraph(line ->
                        line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text("Dr. Ilse Tamberg")))
                .left("Literature 214")
                .left("9 October 2026")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("set in by 0.5 in", "at the left margin")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentWithATitlePage() {
        Front.of("mla-9").title("Lamps").student().over("Lamps").rule(RULE).isAbsent();
    }

    @Test
    void linesInATableAreForTheWriter() {
        Front.of("mla-9")
                .block(out -> out.table(
                        List.of(4680, 4680),
                        List.of(
                                List.of("Marit Solvane", "Literature 214"),
                                List.of("Dr. Ilse Tamberg", "9 October 2026")),
                        PropertySet.empty()))
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("in a table", "lines of their own")
                .at(0, 1, 2, 3)
                .isForTheWriter();
    }
}
