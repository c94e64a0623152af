package grintel.core.rule.handin;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Comment;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Place;
import grintel.core.rule.Quotes;
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
                .each(paper -> paper.comments(), comment -> place(exam, comment), Comment::id)
                .check(id(), "comments")
                .none("comment", comment -> 1)
                .metIfNone(true)
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .<Edit>map(comment -> new Edit.RemoveComment(comment.id()))
                                .toList())
                .readings();
    }

    /** Where a comment stands, told by who says what. */
    private static Place place(Examination exam, Comment comment) {
        String said = Quotes.first(comment.author() + ": " + comment.text());
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Edge edge
                        && edge.kind().isOfComment()
                        && edge.name().equals(comment.id())) {
                    Place at = exam.place(paragraph);
                    return new Place(at.part(), at.page(), at.paragraph(), said);
                }
            }
        }
        Place start = Place.ofPage(1);
        return new Place(start.part(), start.page(), start.paragraph(), said);
    }
}
