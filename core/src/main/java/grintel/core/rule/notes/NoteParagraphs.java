package grintel.core.rule.notes;

import grintel.core.edit.Holder;
import grintel.core.paper.Note;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The paragraphs of notes: of those the file knows as notes, and of those typed under a label. */
final class NoteParagraphs {
    private NoteParagraphs() {}

    static Subjects<Paragraph> of(Examination exam) {
        List<Paragraph> out = new ArrayList<>();
        ofNotes(exam).forEach(out::addAll);
        return exam.paragraphs(out);
    }

    /** The paragraphs of each note that are not blank. */
    static List<List<Paragraph>> ofNotes(Examination exam) {
        List<List<Paragraph>> out = new ArrayList<>();
        for (Note note : exam.paper().notes()) {
            List<Paragraph> filled = note.paragraphs().stream()
                    .filter(paragraph -> !paragraph.isBlank())
                    .toList();
            if (!filled.isEmpty()) {
                out.add(filled);
            }
        }
        exam.parts().paragraphs(PartKind.NOTE).forEach(paragraph -> out.add(List.of(paragraph)));
        return out;
    }

    /** Others that may take a note's formatting along with it. */
    static Predicate<Holder> welcome(Examination exam) {
        return holder -> {
            Story.Kind story = holder.paragraph().address().story().kind();
            return story == Story.Kind.FOOTNOTE
                    || story == Story.Kind.ENDNOTE
                    || story == Story.Kind.TEXT && exam.kind(holder.paragraph()) == PartKind.NOTE;
        };
    }
}
