package grintel.core.rule;

import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class NotesNumberRuleTest {
    private static final String RULE = "notes.number";

    private static Draft called(String before, PropertySet look, String after) {
        return Draft.mla()
                .text(text -> text.text(before)
                        .note(
                                Story.Kind.FOOTNOTE,
                                look,
                                note -> note.paragraph(
                                        line -> line.noteSign(Specimen.RAISED).text(" So Keel has it.")))
                        .text(after + " " + Draft.PROSE));
    }

    @Test
    void met() {
        called("So it is.", Specimen.RAISED, " And on").rule(RULE).isMet();
        called("So it is", Specimen.RAISED, "—and on").rule(RULE).isMet();
    }

    @Test
    void aNumberBeforeTheStopAndOneAfterADashAreMoved() {
        called("So it is", Specimen.RAISED, ".")
                .rule(RULE)
                .isOff("before the punctuation", "after the punctuation, before a dash")
                .putRight();
        called("So it is—", Specimen.RAISED, "and on")
                .rule(RULE)
                .isOff("after a dash", "after the punctuation, before a dash")
                .putRight();
    }

    @Test
    void aNumberOnTheLineIsRaised() {
        called("So it is.", PropertySet.empty(), " And on")
                .rule(RULE)
                .isOff("on the line", "raised")
                .putRight();
    }

    @Test
    void typedNumbersAreTheWritersWork() {
        RuleCase typed = Draft.mla()
                .text(text -> text.text("So it is.").text("1", Specimen.RAISED).text(" " + Draft.PROSE))
                .text(text -> text.text("And on.").text("2", Specimen.RAISED).text(" " + Draft.PROSE))
                .rule(RULE)
                .areOff("typed numbers");
        typed.isForTheWriter();
    }

    @Test
    void absentWithoutNotes() {
        Draft.mla()
                .text(text -> text.text("Ten m").text("2", Specimen.RAISED).text(" of glass."))
                .rule(RULE)
                .isAbsent();
    }
}
