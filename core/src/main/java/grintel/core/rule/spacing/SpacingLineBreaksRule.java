package grintel.core.rule.spacing;

import grintel.core.edit.Edit;
import grintel.core.edit.Piece;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.TextRange;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import java.util.ArrayList;
import java.util.List;

/** Hard line breaks inside paragraphs of text; whether each should go, or end the paragraph, the writer must say. */
public final class SpacingLineBreaksRule implements Rule {
    @Override
    public String id() {
        return "spacing.line-breaks";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        Subjects<Paragraph> judged = Kinds.runningText(exam);
        return judged.filter(paragraph -> !breaks(paragraph).isEmpty())
                .check(id(), "breaks")
                .none("line-break", paragraph -> breaks(paragraph).size())
                .metIfNone(!judged.isEmpty())
                .fix(
                        FixClass.ASK,
                        (paragraphs, cause) -> paragraphs.stream()
                                .flatMap(paragraph -> breaks(paragraph).stream())
                                .<Edit>map(at -> new Edit.ReplaceText(at, List.of(new Piece.Words(" "))))
                                .toList())
                .readings();
    }

    /** The breaks with something on either side. */
    private static List<TextRange> breaks(Paragraph paragraph) {
        List<TextRange> out = new ArrayList<>();
        int last = paragraph.range().to();
        int at = 0;
        for (Inline inline : paragraph.inlines()) {
            if (inline instanceof Inline.Break end && end.kind() == Inline.Break.Kind.LINE && at > 0 && at + 1 < last) {
                out.add(new TextRange(paragraph.address(), at, at + 1));
            }
            at += inline.length();
        }
        return out;
    }
}
