package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.value.Length;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.rule.Examination;
import grintel.core.rule.Kinds;
import grintel.core.rule.Measure;
import grintel.core.rule.PageLines;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import grintel.core.typeset.Gaps;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/** Space before and after paragraphs, "auto" and same-style suppression worked out. */
public final class SpacingParagraphGapRule implements Rule {
    @Override
    public String id() {
        return "spacing.paragraph-gap";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean titleIsFree = ask.get(SpacingDemands.AROUND_TITLE) == SpacingDemands.AroundTitle.FREE;
        Subjects<Paragraph> judged =
                Kinds.spacedAsText(exam).filter(paragraph -> !titleIsFree || exam.kind(paragraph) != PartKind.TITLE);
        List<Reading> readings = new ArrayList<>(check(
                exam,
                judged,
                "before",
                ask.get(SpacingDemands.BEFORE),
                paragraph -> (double) Gaps.before(exam.neighbour(paragraph, -1), paragraph),
                ParagraphProperties.SPACE_BEFORE,
                ParagraphProperties.SPACE_BEFORE_AUTO));
        readings.addAll(check(
                exam,
                judged,
                "after",
                ask.get(SpacingDemands.AFTER),
                paragraph -> after(exam, paragraph),
                ParagraphProperties.SPACE_AFTER,
                ParagraphProperties.SPACE_AFTER_AUTO));
        return readings;
    }

    private static @Nullable Double after(Examination exam, Paragraph paragraph) {
        Paragraph below = exam.neighbour(paragraph, 1);
        return below == null ? null : (double) Gaps.after(paragraph, below);
    }

    private List<Reading> check(
            Examination exam,
            Subjects<Paragraph> judged,
            String quantity,
            Length asked,
            Function<Paragraph, @Nullable Double> gap,
            Property<Integer> property,
            Property<Boolean> auto) {
        return judged.check(id(), quantity)
                .measure(paragraph -> {
                    Double is = gap.apply(paragraph);
                    return is == null ? null : Measure.distance(is, Length.Unit.POINTS);
                })
                .asks(Measure.distance(asked))
                .fix((paragraphs, cause) -> {
                    List<Holder> holders = Cause.paragraphs(paragraphs);
                    List<Edit> edits = new ArrayList<>(cause.set(holders, auto, false, Kinds.welcome(exam)));
                    edits.addAll(cause.set(holders, property, asked.rounded(), Kinds.welcome(exam)));
                    return edits;
                })
                .readings();
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        PageLines.Pair pair = PageLines.pairWithGap(page, readings);
        if (pair == null) {
            return List.of();
        }
        int from = pair.upper().top() + pair.upper().height();
        Reading after = PageLines.of(readings, "after", pair.upper());
        Reading reading = after != null ? after : PageLines.of(readings, "before", pair.lower());
        String quantity = reading == null ? "after" : reading.quantity();
        Stroke stroke =
                Stroke.down(quantity, from, pair.lower().top(), page.frame().left(), 0);
        return List.of(reading == null ? stroke.of(readings) : stroke.of(List.of(reading)));
    }
}
