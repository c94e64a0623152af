package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.paper.Paragraph;
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
                .readings();
    }
}
