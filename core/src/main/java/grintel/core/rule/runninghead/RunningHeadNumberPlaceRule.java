package grintel.core.rule.runninghead;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.RunningHeadDemands.NumberPlace;
import grintel.core.guide.value.Length;
import grintel.core.rule.Examination;
import grintel.core.rule.Head;
import grintel.core.rule.HeadEdits;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Stroke;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where the page number ends on the page as laid out: at the right margin of the header, or centred at the foot. */
public final class RunningHeadNumberPlaceRule implements Rule {
    private static final Measure TOP_RIGHT = Measure.word("top-right");
    private static final Measure BOTTOM_CENTRE = Measure.word("bottom-centre");
    private static final int CENTRED_WITHIN = Millipoints.PER_INCH * 6 / 100;

    @Override
    public String id() {
        return "running-head.number-place";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        return exam.heads()
                .subjects(exam.heads().judged())
                .filter(Head::hasNumber)
                .at(head -> head.header().hasNumber() ? head.place() : head.footerPlace())
                .check(id(), "place")
                .measure(head -> position(exam, head))
                .asks(asked(ask.get(RunningHeadDemands.PLACE)))
                .metWhen((head, is) -> ask.get(RunningHeadDemands.PLACE) == NumberPlace.EITHER
                        && (is.equals(TOP_RIGHT) || is.equals(BOTTOM_CENTRE)))
                .fixByWords((heads, cause) -> heads.stream()
                        .flatMap(head ->
                                HeadEdits.write(exam, head, head.header().words()).stream())
                        .distinct()
                        .toList())
                .fixable(head -> HeadEdits.canPlaceNumber(exam, head))
                .readings();
    }

    private static Measure asked(NumberPlace place) {
        return switch (place) {
            case TOP_RIGHT -> TOP_RIGHT;
            case BOTTOM_CENTRE -> BOTTOM_CENTRE;
            case EITHER -> new Measure.OneOf(List.of(TOP_RIGHT, BOTTOM_CENTRE));
        };
    }

    private static Measure position(Examination exam, Head head) {
        ProofPage page = head.page(exam);
        PagePart part = head.header().hasNumber() ? PagePart.HEADER : PagePart.FOOTER;
        String height = part == PagePart.HEADER ? "top" : "bottom";
        Seen seen = find(head, page, part);
        if (seen == null) {
            return Measure.word(height + "-unseen");
        }
        double missing = Millipoints.toTwips(page.frame().right() - seen.right);
        if (Math.abs(missing) <= Measure.TOLERANCE) {
            return Measure.word(height + "-right");
        }
        int middle = (page.frame().left() + page.frame().right()) / 2;
        if (Math.abs(seen.right - seen.width / 2 - middle) <= CENTRED_WITHIN) {
            return Measure.word(height + "-centre");
        }
        if (seen.right - page.frame().left() < Millipoints.PER_INCH) {
            return Measure.word(height + "-left");
        }
        String key = height + (missing > 0 ? "-short-of-right" : "-beyond-right");
        return new Measure.Phrase(key, Measure.distance(Math.abs(missing), Length.Unit.INCHES));
    }

    /** The number as it is seen on a page, or null. */
    private static @Nullable Seen find(Head head, ProofPage page, PagePart part) {
        String typed = head.header().hasNumber()
                ? head.header().typed()
                : head.footer().typed();
        String number = typed.isEmpty() ? page.printedNumber() : typed;
        for (ProofLine line : page.lines(part)) {
            if (line.text().stripTrailing().endsWith(number)) {
                return new Seen(line, line.right(), line.width());
            }
            for (GlyphRun run : line.runs()) {
                int at = run.text().indexOf(number);
                if (at >= 0) {
                    return new Seen(line, run.edgeAfter(at + number.length()), line.width());
                }
            }
        }
        return null;
    }

    @Override
    public List<Stroke> strokes(Examination exam, ProofPage page, List<Reading> readings) {
        for (Head head : exam.heads().all()) {
            boolean here = head.pages().contains(page.number()) && head.header().hasNumber();
            Seen seen = here ? find(head, page, PagePart.HEADER) : null;
            int right = page.frame().right();
            if (seen != null && Math.abs(right - seen.right) > Measure.TOLERANCE * Millipoints.PER_TWIP) {
                return List.of(Stroke.across(
                                "place",
                                right,
                                seen.right,
                                seen.line.y(),
                                page.frame().top())
                        .of(readings));
            }
        }
        return List.of();
    }

    /** Right edge of a number, and width of the line it stands on. */
    private record Seen(ProofLine line, int right, int width) {}
}
