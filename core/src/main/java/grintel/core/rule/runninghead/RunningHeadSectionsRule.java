package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import java.util.List;

/** All sections show the same header. */
public final class RunningHeadSectionsRule implements Rule {
    private static final Measure SAME = Measure.word("same-header");

    @Override
    public String id() {
        return "running-head.sections";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean one = exam.paper().sections().size() < 2;
        boolean nothing =
                exam.heads().all().stream().allMatch(head -> head.header().isEmpty());
        List<Head> differing = exam.heads().differing();
        return exam.heads()
                .subjects(one || nothing ? List.of() : exam.heads().all())
                .filter(head ->
                        head.variant() == Variant.DEFAULT && !exam.heads().isOfBareTitlePage(head))
                .check(id(), "sections")
                .measure(head -> differing.contains(head) ? head.says() : SAME)
                .asks(SAME)
                .fixByWords((heads, cause) -> heads.stream()
                        .flatMap(head -> edits(exam, head).stream())
                        .distinct()
                        .toList())
                .readings();
    }

    /** A section right after one that is as it should be takes its header; any other gets one written. */
    private static List<Edit> edits(Examination exam, Head head) {
        Head reference = exam.heads().reference();
        if (head.owner() > 0 && head.owner() > reference.section().index()) {
            boolean before = exam.heads()
                    .usual(exam.paper().sections().get(head.owner() - 1))
                    .saysTheSameAs(reference.header());
            if (before) {
                return List.of(new Edit.InheritMarginal(head.owner(), Story.Kind.HEADER, Variant.DEFAULT));
            }
        }
        return HeadEdits.isRewritable(head) && HeadEdits.isRewritable(reference)
                ? List.of(HeadEdits.header(
                        exam,
                        head,
                        head.variant(),
                        reference.header().words(),
                        reference.header().hasNumber()))
                : List.of();
    }
}
