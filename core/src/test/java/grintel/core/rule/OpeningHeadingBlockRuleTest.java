package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
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

    @Test
    void eachStandsOnALineOfItsOwn() {
        RuleCase after = Front.of("mla-9")
                .left("Marit Solvane\t9 October 2026")
                .left("Literature 214; Dr. Ilse Tamberg ")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .areOff("“Marit Solvane 9 October 2026”", "“Literature 214; Dr. Ilse Tamberg”")
                .isAsked()
                .at(0)
                .putRightLeaving(RULE);
        assertThat(after.paper().paragraphs().subList(0, 4))
                .extracting(Paragraph::text)
                .containsExactly("Marit Solvane", "Dr. Ilse Tamberg ", "Literature 214", "9 October 2026");
    }

    @Test
    void theCommaInsideADatePartsNothing() {
        Front.of("school-essay")
                .left("Marit Solvane, October 9, 2026")
                .left("Dr. Ilse Tamberg, Period 3")
                .left("Second Essay")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isOff("“Marit Solvane, October 9, 2026”", "lines of their own");
        Front.of("school-essay")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Period 3")
                .left("Second Essay")
                .left("October 9, 2026")
                .line("Lamps on the Low Canal")
                .rule(RULE)
                .isMet();
    }

    @Test
    void aTitleOverTheLinesMovesUnderThem() {
        RuleCase after = Front.of("mla-9")
                .line("Lamps on the Low Canal")
                .left("Marit Solvane")
                .left("Dr. Ilse Tamberg")
                .left("Literature 214")
                .left("9 October 2026")
                .rule(RULE)
                .isOff("over the heading lines", "under the heading lines")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs().subList(0, 5))
                .extracting(Paragraph::text)
                .endsWith("9 October 2026", "Lamps on the Low Canal");
    }

    @Test
    void aNameAloneUnderATitleIsNotMissing() {
        Front.of("mla-9")
                .line("Lamps on the Low Canal")
                .line("Marit Solvane")
                .rule(RULE)
                .areOff(
                        "the instructor is missing",
                        "the course is missing",
                        "the date is missing",
                        "over the heading lines",
                        "centred");
    }
}
