package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** No comments are left beside the text. */
public final class HandInCommentsRule implements Rule {
    @Override
    public String id() {
        return "hand-in.comments";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.whole()
                .each(paper -> paper.comments(), comment -> place(exam, comment.id()), comment -> comment.id())
                .check(id(), "comments")
                .none("comment", comment -> 1)
                .metIfNone(true)
                .readings();
    }

    private static Place place(Examination exam, String comment) {
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Edge edge
                        && edge.kind().isOfComment()
                        && edge.name().equals(comment)) {
                    return exam.place(paragraph);
                }
            }
        }
        return Place.ofPage(1);
    }
}
