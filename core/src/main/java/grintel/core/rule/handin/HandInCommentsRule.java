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
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** No comments are left beside the text. */
public final class HandInCommentsRule implements Rule {
    @Override
    public String id() {
        return "hand-in.comments";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Map<String, Paragraph> places = places(exam);
        return exam.whole()
                .each(paper -> paper.comments(), comment -> place(exam, places.get(comment.id()), comment), Comment::id)
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

    /** The paragraphs of the text in which comments begin. */
    private static Map<String, Paragraph> places(Examination exam) {
        Map<String, Paragraph> out = new HashMap<>();
        if (exam.paper().comments().isEmpty()) {
            return out;
        }
        for (Paragraph paragraph : exam.paper().paragraphs()) {
            for (Inline inline : paragraph.inlines()) {
                if (inline instanceof Inline.Edge edge && edge.kind().isOfComment()) {
                    out.putIfAbsent(edge.name(), paragraph);
                }
            }
        }
        return out;
    }

    /** Where a comment stands, told by who says what. */
    private static Place place(Examination exam, @Nullable Paragraph paragraph, Comment comment) {
        Place at = paragraph == null ? Place.ofPage(1) : exam.place(paragraph);
        String said = Quotes.first(comment.author() + ": " + comment.text());
        return new Place(at.part(), at.page(), at.paragraph(), said);
    }
}
