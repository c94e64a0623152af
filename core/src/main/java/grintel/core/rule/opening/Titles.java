package grintel.core.rule.opening;

import grintel.core.language.TitleCase;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Stretch;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** The title, on the title page and over the text, with what goes on after it. */
final class Titles {
    private static final Set<PartKind> TITLE = EnumSet.of(PartKind.TITLE, PartKind.SUBTITLE);

    private Titles() {}

    /** Its lines, wherever they stand. */
    static Subjects<Stretch> lines(Examination exam) {
        return exam.lines(exam.parts().paragraphs(TITLE));
    }

    /** The words a line of it goes on from, with a space; empty where it opens the title or a subtitle of its own. */
    static String lead(Examination exam, Paragraph line) {
        int above = line.address().index() - 1;
        return goesOn(exam, above) ? exam.paper().paragraphs().get(above).characters() + " " : "";
    }

    /** The words a line of it goes on with, after a space; empty where it ends the title or a subtitle follows. */
    static String rest(Examination exam, Paragraph line) {
        int at = line.address().index();
        return goesOn(exam, at) ? " " + exam.paper().paragraphs().get(at + 1).characters() : "";
    }

    /** Whether a line of the title goes on in the next: that opens small, or this ends in a small word. */
    private static boolean goesOn(Examination exam, int index) {
        List<Paragraph> all = exam.paper().paragraphs();
        if (index < 0 || index + 1 >= all.size() || exam.parts().kind(index + 1) != PartKind.SUBTITLE) {
            return false;
        }
        String below = all.get(index + 1).text().strip();
        boolean open = TitleCase.isLeftOpen(all.get(index).text().strip())
                || !below.isEmpty() && Character.isLowerCase(below.codePointAt(0));
        return open && TITLE.contains(exam.parts().kind(index));
    }

    /** Its lines on the title page. */
    static List<Paragraph> onTitlePage(Examination exam) {
        return exam.parts().paragraphs(TITLE).stream()
                .filter(paragraph ->
                        exam.parts().isOnTitlePage(paragraph.address().index()))
                .toList();
    }

    /** Its lines over the text of a paper with a title page. */
    static List<Paragraph> overText(Examination exam) {
        return exam.parts().paragraphs(TITLE).stream()
                .filter(paragraph ->
                        !exam.parts().isOnTitlePage(paragraph.address().index()))
                .toList();
    }
}
