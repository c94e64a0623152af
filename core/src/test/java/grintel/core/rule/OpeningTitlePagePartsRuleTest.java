package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import org.junit.jupiter.api.Test;

class OpeningTitlePagePartsRuleTest {
    private static final String RULE = "opening.title-page-parts";
    private static final String TITLE = "Lamps on the Low Canal";

    @Test
    void met() {
        Front.of("apa-7-student").title(TITLE).student().over(TITLE).rule(RULE).isMet();
    }

    @Test
    void aMissingLineIsToldAndSetFromTheFacts() {
        Front without = Front.of("apa-7-student")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .line("LIT 214: Novels of the Canals")
                .line("Dr. Ilse Tamberg")
                .over(TITLE);
        RuleCase unknown = without.rule(RULE).isOff("the date is missing", "all there");
        unknown.isForTheWriter();
        without.facts("{date: 2026-10-09}")
                .rule(RULE)
                .isOff("the date is missing", "all there")
                .isAsked()
                .putRight();
    }

    @Test
    void wordsThatLeadFromLineToLineNameNothing() {
        Front.of("sbl-2")
                .line("Brackwater College")
                .title(TITLE)
                .line("A Paper Submitted to")
                .line("In Partial Fulfillment of the Requirements for")
                .line("REL 305: Psalms of the Coast")
                .line("Dr. Ilse Tamberg")
                .line("by")
                .line("Marit Solvane")
                .line("October 9, 2026")
                .over("")
                .rule(RULE)
                .isMet();
        Front.of("sbl-2")
                .line("Brackwater College")
                .title(TITLE)
                .line("REL 305: Psalms of the Coast")
                .line("Dr. Ilse Tamberg")
                .line("Read and approved by candlelight")
                .line("Marit Solvane")
                .line("October 9, 2026")
                .over("")
                .rule(RULE)
                .isOff("“Read and approved by candlelight”", "none");
    }

    @Test
    void aLineOutOfOrderIsMoved() {
        Front.of("apa-7-student")
                .title(TITLE)
                .line("Marit Solvane")
                .line("LIT 214: Novels of the Canals")
                .line("Department of Letters, Brackwater College")
                .line("Dr. Ilse Tamberg")
                .line("October 9, 2026")
                .over(TITLE)
                .rule(RULE)
                .isOff("department and institution", "before “LIT 214: Novels of the Canals”")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aLineTheGuideDoesNotAskForIsTakenOutWhenTheWriterAgrees() {
        Front.of("apa-7-student")
                .title(TITLE)
                .student()
                .line("Period 3")
                .over(TITLE)
                .rule(RULE)
                .isOff("“Period 3”", "none")
                .isAsked()
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void linesAtTheMarginAreCentred() {
        Front.of("apa-7-student")
                .title(TITLE)
                .left("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .line("LIT 214: Novels of the Canals")
                .line("Dr. Ilse Tamberg")
                .line("October 9, 2026")
                .over(TITLE)
                .rule(RULE)
                .areOff("at the left margin")
                .putRight();
    }

    @Test
    void absentWithoutTitlePage() {
        Draft.mla().guide("apa-7-student").rule(RULE).isAbsent();
    }

    @Test
    void aLineThatMayBeWhatIsMissingIsNotToldAsMissing() {
        between("Department of Letters, Brackwater College", "Novels of the Canals and the Lamps")
                .isMet();
    }

    @Test
    void departmentAndInstitutionMayTakeALineEach() {
        between("Department of Letters", "Brackwater College", "LIT 214: Novels of the Canals")
                .isMet();
    }

    /** A title page with these lines between its writer and its teacher. */
    private static RuleCase between(String... lines) {
        Front front = Front.of("apa-7-student").title(TITLE).line("Marit Solvane");
        for (String line : lines) {
            front.line(line);
        }
        return front.line("Dr. Ilse Tamberg")
                .line("October 9, 2026")
                .over(TITLE)
                .rule(RULE);
    }

    @Test
    void whatIsMissingIsSetFromTheFactsInTheFormOfTheGuide() {
        RuleCase after = Front.of("apa-7-student")
                .title(TITLE)
                .line("Marit Solvane")
                .over(TITLE)
                .facts("{date: 2026-10-09, department: Department of Letters, institution: Brackwater College,"
                        + " course-number: LIT 214, course-name: Novels of the Canals, instructor: Dr. Ilse Tamberg}")
                .rule(RULE)
                .isAsked()
                .putRight();
        assertThat(after.paper().paragraphs().subList(2, 6))
                .extracting(Paragraph::text)
                .containsExactly(
                        "Department of Letters, Brackwater College",
                        "LIT 214: Novels of the Canals",
                        "Dr. Ilse Tamberg",
                        "October 9, 2026");
    }
}
