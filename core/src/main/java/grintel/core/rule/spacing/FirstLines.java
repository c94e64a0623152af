package grintel.core.rule.spacing;

import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;

/** The paragraphs whose first lines are judged. */
final class FirstLines {
    private FirstLines() {}

    /** The text paragraphs whose first line begins a paragraph. */
    static Subjects<Paragraph> judged(Examination exam) {
        return Kinds.runningText(exam)
                .filter(paragraph -> exam.kind(paragraph) == PartKind.PARAGRAPH
                        && !exam.proof().lines(paragraph.address()).isEmpty());
    }
}
