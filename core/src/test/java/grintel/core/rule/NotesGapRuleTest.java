package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.Story;
import grintel.core.specimen.Specimen;
import java.util.List;
import org.junit.jupiter.api.Test;

class NotesGapRuleTest {
    private static final String RULE = "notes.gap";

    @Test
    void met() {
        Noted.two(Noted.form(), Draft.type("Times New Roman", 20)).rule(RULE).isMet();
    }

    @Test
    void aMissingLineIsSet() {
        Noted.two(
                        Noted.form().andThen(line -> line.set(ParagraphProperties.SPACE_AFTER, 0)),
                        Draft.type("Times New Roman", 20))
                .rule(RULE)
                .isOff("0 pt", "one blank line")
                .putRight();
    }

    @Test
    void absentForASingleNote() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void aBlankParagraphAtTheEndOfANoteCountsAndGoes() {
        RuleCase after =
                blank("chicago-notes", 200).isOff("23.8 pt", "one blank line").putRight();
        assertThat(after.paper().notes().get(0).paragraphs()).noneMatch(Paragraph::isBlank);
        blank("mla-9", 0).isOff("13.8 pt", "0 pt").putRight();
    }

    private static RuleCase blank(String guide, int space) {
        Draft draft = Draft.mla().guide(guide);
        for (int i = 0; i < 2; i++) {
            draft.text(text -> text.text("The keepers count by night.")
                    .note(
                            Story.Kind.FOOTNOTE,
                            Specimen.RAISED,
                            note -> note.paragraph(line -> {
                                        Noted.form().accept(line);
                                        line.set(ParagraphProperties.SPACE_AFTER, space)
                                                .noteSign(Specimen.RAISED)
                                                .text(" So Keel has it.", Draft.type("Times New Roman", 20));
                                    })
                                    .paragraph(line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                            .text("", Draft.type("Times New Roman", 20)))));
        }
        return draft.rule(RULE);
    }

    @Test
    void typedNotesUnderTheirLabelHaveGapsToo() {
        Draft draft = Draft.mla();
        draft.add(b -> {
            b.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                    .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                    .text("Notes"));
            for (String note :
                    List.of("1. So Keel has it, and no one else.", "2. So Verholt has it, and no one else.")) {
                b.paragraph(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                        .set(ParagraphProperties.SPACE_AFTER, 240)
                        .text(note));
            }
        });
        draft.rule(RULE).isOff("12 pt", "0 pt").putRight();
    }
}
