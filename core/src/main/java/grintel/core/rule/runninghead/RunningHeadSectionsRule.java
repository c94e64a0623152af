package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.paper.Marginals;
import grintel.core.paper.Story;
import grintel.core.rule.Examination;
import grintel.core.rule.HeadContent;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import java.util.ArrayList;
import java.util.List;

/** All sections show the same header. */
public final class RunningHeadSectionsRule implements Rule {
    private static final Quantity SAME = Quantity.words("the same header");

    @Override
    public String id() {
        return "running-head.sections";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        if (exam.paper().sections().size() < 2
                || exam.heads().all().stream().allMatch(head -> head.header().isBlank())) {
            return List.of();
        }
        List<Head> differing = exam.heads().differing();
        if (differing.isEmpty()) {
            return List.of(Reading.met(id(), "sections", SAME, SAME));
        }
        Head reference = exam.heads().reference();
        List<Edit> edits = new ArrayList<>();
        for (Head head : differing) {
            edits.addAll(edits(exam, head, reference));
        }
        String shown = HeadFixes.shown(differing.get(0).header());
        return List.of(Reading.off(
                id(),
                "sections",
                Quantity.words(shown.isEmpty() ? "no header" : "“" + shown + "”"),
                SAME,
                HeadFixes.places(differing),
                edits));
    }

    /** A section right after one that is as it should be takes its header; any other gets one written. */
    private static List<Edit> edits(Examination exam, Head head, Head reference) {
        if (head.owner() > 0 && head.owner() > reference.section()) {
            HeadContent before = HeadContent.of(
                    exam.paper().sections().get(head.owner() - 1).headers().get(Marginals.Variant.DEFAULT));
            if (before.saysTheSameAs(reference.header())) {
                return List.of(new Edit.InheritMarginal(head.owner(), Story.Kind.HEADER, Marginals.Variant.DEFAULT));
            }
        }
        HeadContent wanted = reference.header();
        return HeadFixes.write(exam, List.of(head), wanted.words(), wanted.hasNumber());
    }
}
