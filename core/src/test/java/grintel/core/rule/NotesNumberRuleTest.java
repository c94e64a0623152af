package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
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

    @Test
    void itMovesBehindAllTheMarksThatFollowAndNoFurther() {
        assertThat(moved("So it is", ".” And")).startsWith("So it is.”" + Paragraph.OBJECT + " And");
        assertThat(moved("So it is", ",")).startsWith("So it is," + Paragraph.OBJECT + " ");
        assertThat(moved("So it is—", "and")).startsWith("So it is" + Paragraph.OBJECT + "—and");
        assertThat(moved("—", "and")).startsWith(Paragraph.OBJECT + "—and");
    }

    private static String moved(String before, String after) {
        RuleCase done = called(before, Specimen.RAISED, after).rule(RULE).putRight();
        return done.paper().paragraphs().get(8).text();
    }

    @Test
    void aNumberAtTheEndOfItsParagraphStandsRight() {
        called("", Specimen.RAISED, "").rule(RULE).isMet();
        Draft.mla()
                .text(text -> text.text(Draft.PROSE)
                        .note(Story.Kind.FOOTNOTE, Specimen.RAISED, note -> note.paragraph("So Keel has it.")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void raisingByADistanceIsRaisingToo() {
        called("So it is.", PropertySet.of(CharacterProperties.RISE, 6), " And on")
                .rule(RULE)
                .isMet();
    }

    @Test
    void oneTypedNumberOrNumbersThatDoNotCountAreNone() {
        Draft.mla()
                .text(text -> text.text("So it is.").text("1", Specimen.RAISED).text(" " + Draft.PROSE))
                .rule(RULE)
                .isAbsent();
        Draft.mla()
                .text(text -> text.text("Ten m")
                        .text("2", Specimen.RAISED)
                        .text(" or m")
                        .text("3", Specimen.RAISED))
                .rule(RULE)
                .isAbsent();
    }
}
