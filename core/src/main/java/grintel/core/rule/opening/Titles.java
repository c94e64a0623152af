package grintel.core.rule.opening;

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
