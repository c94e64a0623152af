package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class TablesNumberRuleTest {
    private static final String RULE = "tables.number";

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
    void wordsAndLooksArePutRightAndTheNumberStays() {
        RuleCase after = Tabled.apa()
                .captions(line -> line.text("TABLE I."), line -> line.text("Lamps and Sums", Draft.ITALIC))
                .rule(RULE)
                .areOff("“TABLE I.”", "plain")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs()).extracting(Paragraph::text).contains("Table 1");
    }

    @Test
    void aTableWithoutANumberGetsOne() {
        Tabled.apa()
                .captions()
                .rule(RULE)
                .isOff("no number", "“Table 1”")
                .putRightLeaving("tables.title", "tables.note");
    }

    @Test
    void numbersOutOfCountAreRenumberedWithEveryMention() {
        RuleCase after = Tabled.apa()
                .mention("See Table 2 first, then Tables 2 and 3; see also (Table 3).")
                .captions(line -> line.text("Table 2", Draft.BOLD), line -> line.text("Lamps and Sums", Draft.ITALIC))
                .after(paper -> {
                    paper.paragraph(line -> line.text("Table 3", Draft.BOLD));
                    paper.paragraph(line -> line.text("Sums and Lamps", Draft.ITALIC));
                    Tabled.apa().table(paper);
                })
                .rule(RULE)
                .isOff("out of count", "counted in order")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(Paragraph::text)
                .anyMatch(text -> text.startsWith("See Table 1 first, then Tables 1 and 2; see also (Table 2)."));
    }

    @Test
    void whereTwoBearOneNumberTheWriterIsAsked() {
        Tabled.apa()
                .after(paper -> {
                    paper.paragraph(line -> line.text("Table 1", Draft.BOLD));
                    paper.paragraph(line -> line.text("Sums and Lamps", Draft.ITALIC));
                    Tabled.apa().table(paper);
                })
                .rule(RULE)
                .isOff("out of count", "counted in order")
                .isAsked()
                .putRightLeaving("tables.mention");
    }

    @Test
    void inAnAppendixTheyCarryItsLetterAndCountAnew() {
        Appended.apa("All is in Appendix A, in Table A1 and Table 1.", "Appendix A")
                .with(paper -> {
                    paper.paragraph(line -> line.text("Table 1", Draft.BOLD));
                    paper.paragraph(line -> line.text("Lamps and Sums", Draft.ITALIC));
                    Tabled.apa().table(paper);
                })
                .rule(RULE)
                .isOff("out of count", "counted in order")
                .putRight();
    }

    @Test
    void gridsOfProseOfPicturesAndOfQuestionsNeedNone() {
        PropertySet plain = PropertySet.empty();
        String prose = Draft.PROSE + " " + Draft.PROSE;
        Tabled.apa()
                .captions()
                .instead(paper ->
                        paper.table(List.of(4000, 4000), List.of(List.of(prose, "a"), List.of("b", "c")), plain))
                .rule(RULE)
                .isAbsent();
        Tabled.apa()
                .captions()
                .instead(paper ->
                        paper.table(List.of(4000, 4000), List.of(List.of("Signed", ""), List.of("", "")), plain))
                .rule(RULE)
                .isAbsent();
        Appended.apa("All is in the Appendix.", "Appendix")
                .with(paper -> Tabled.apa().table(paper))
                .rule(RULE)
                .isAbsent();
    }
}
