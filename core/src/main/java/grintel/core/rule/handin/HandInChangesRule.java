package grintel.core.rule.handin;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Revision;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.ArrayList;
import java.util.List;

/** No tracked changes wait to be settled. */
public final class HandInChangesRule implements Rule {
    @Override
    public String id() {
        return "hand-in.changes";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Paragraph> all = new ArrayList<>(exam.paper().paragraphs());
        all.addAll(exam.paper().noteParagraphs());
        return exam.paragraphs(all.stream().filter(Paragraph::isRevised).toList())
                .check(id(), "changes")
                .none("changed-paragraph", paragraph -> 1)
                .metIfNone(true)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(paragraph -> settled(paragraph).stream())
                                .toList())
                .fixable(paragraph -> paragraph.markRevision() != Revision.DELETED || canGo(exam, paragraph))
                .readings();
    }

    /** Whether a paragraph whose mark was deleted can go into the next. */
    private static boolean canGo(Examination exam, Paragraph paragraph) {
        return paragraph.address().story().equals(Story.TEXT)
                && !paragraph.inTable()
                && !paragraph.endsSection()
                && exam.neighbour(paragraph, 1) != null;
    }

    private static List<Edit> settled(Paragraph paragraph) {
        Edit settle = new Edit.SettleChanges(paragraph.address());
        if (paragraph.markRevision() != Revision.DELETED) {
            return List.of(settle);
        }
        boolean gone = paragraph.inlines().stream().noneMatch(inline -> inline.length() > 0);
        return List.of(
                settle,
                gone
                        ? new Edit.RemoveParagraph(paragraph.address())
                        : new Edit.JoinParagraphs(paragraph.address(), ""));
    }
}
