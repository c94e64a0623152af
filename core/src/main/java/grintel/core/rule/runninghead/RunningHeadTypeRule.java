package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunGroup;
import grintel.core.rule.Subjects;
import grintel.core.rule.TypeEdits;
import java.util.ArrayList;
import java.util.List;

/** Face and size of the header, and of a number at the foot, are those of the text. */
public final class RunningHeadTypeRule implements Rule {
    @Override
    public String id() {
        return "running-head.type";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<RunGroup> groups = RunGroup.of(
                exam,
                exam.paragraphs(paragraphs(exam.heads().all())),
                inline -> isSeen(inline) ? TypeEdits.type(inline) : null);
        return TypeEdits.readings(id(), groups, exam.bodyType());
    }

    private static List<Paragraph> paragraphs(List<Head> heads) {
        List<Paragraph> out = new ArrayList<>();
        for (Head head : heads) {
            out.addAll(head.header().paragraphs());
            if (head.footer().hasNumber()) {
                out.addAll(head.footer().paragraphs());
            }
        }
        return out.stream().distinct().toList();
    }

    private static boolean isSeen(Inline inline) {
        return inline instanceof Inline.Field
                || inline instanceof Inline.Text text
                        && !text.hidden()
                        && !text.text().isBlank();
    }
}
