package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paragraph;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class TablesNoteRuleTest {
    private static final String RULE = "tables.note";

    @Test
    void metInOrder() {
        Tabled.apa()
                .notes(
                        line -> line.text("Note.", Draft.ITALIC).text(" By hand."),
                        line -> line.text("a", Specimen.RAISED).text(" One lamp is lost."),
                        line -> line.text("*").text("p", Draft.ITALIC).text(" < .05."))
                .rule(RULE)
                .isMet("general, specific, probability", "general, specific, probability");
        Tabled.of("mla-9")
                .notes(line -> line.text("Source: Counted by hand."))
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentAndNotAsked() {
        Tabled.apa().notes().rule(RULE).isAbsent();
        Draft.mla().guide("school-essay").rule(RULE).isNotAsked();
    }

    @Test
    void openingWordsArePutRight() {
        Tabled.apa()
                .notes(line -> line.text("NOTE: By hand."))
                .rule(RULE)
                .areOff("“NOTE:”", "upright")
                .andNothingElseIsOff()
                .putRight();
        Tabled.apa()
                .notes(line -> line.text("Source: Counted by hand."))
                .rule(RULE)
                .areOff("no such word")
                .putRight();
        Tabled.of("mla-9")
                .notes(line -> line.text("Sources. Counted by hand."))
                .rule(RULE)
                .isOff("“Sources.”", "“Source:”")
                .putRight();
    }

    @Test
    void notesOutOfOrderAreMoved() {
        RuleCase after = Tabled.apa()
                .notes(
                        line -> line.text("*").text("p", Draft.ITALIC).text(" < .05."),
                        line -> line.text("Note.", Draft.ITALIC).text(" By hand."))
                .rule(RULE)
                .isOff("probability before general", "general, then probability")
                .andNothingElseIsOff()
                .putRight();
        assertThat(after.paper().paragraphs())
                .extracting(Paragraph::text)
                .containsSubsequence("Note. By hand.", "*p < .05.");
    }
}
