package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import java.util.List;
import org.junit.jupiter.api.Test;

class TablesTitleRuleTest {
    private static final String RULE = "tables.title";

    @Test
    void metInTheFormOfEachGuide() {
        for (String guide : List.of("apa-7-student", "apa-6", "mla-9", "chicago-notes")) {
            Tabled.of(guide).rule(RULE).isMet();
        }
    }

    @Test
    void aPaperWithoutTablesHasNothingToMeasureAndASchoolEssayIsNotAsked() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void aTitleThatIsNotThereIsTheWritersWork() {
        Tabled.apa()
                .captions(line -> line.text("Table 1", Draft.BOLD))
                .rule(RULE)
                .areOff("no title")
                .andNothingElseIsOff()
                .isForTheWriter();
    }

    @Test
    void aTitleInTheLineOfItsNumberIsPartedFromIt() {
        RuleCase after = Tabled.apa()
                .captions(line -> line.text("Table 1", Draft.BOLD).text(" ").text("Lamps and Sums", Draft.ITALIC))
                .rule(RULE)
                .isOff("in the line of its number", "on the line under its number")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(paragraph -> paragraph.text().strip())
                .contains("Table 1", "Lamps and Sums");
    }

    @Test
    void aTitleUnderItsNumberIsJoinedToIt() {
        RuleCase after = Tabled.of("chicago-notes")
                .captions(line -> line.text("Table 1."), line -> line.text("Lamps and Sums"))
                .rule(RULE)
                .isOff("on the line under its number", "in the line of its number")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs()).extracting(Paragraph::text).contains("Table 1. Lamps and Sums");
    }

    @Test
    void slantIsPutRightAndCaseIsAsked() {
        Tabled.apa()
                .captions(line -> line.text("Table 1", Draft.BOLD), line -> line.text("Lamps and sums by quay"))
                .rule(RULE)
                .areOff("upright", "“Lamps and sums by quay”")
                .andNothingElseIsOff()
                .putRight();
    }
}
