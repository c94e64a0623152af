package grintel.core.rule.runninghead;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.value.Length;
import grintel.core.rule.Examination;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.RunningHeads.Head;
import grintel.core.typeset.GlyphRun;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Where the page number ends on the page as laid out: at the right margin of the header, or centred at the foot. */
public final class RunningHeadNumberPlaceRule implements Rule {
    @Override
    public String id() {
        return "running-head.number-place";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        boolean top = ask.get(RunningHeadDemands.PLACE) != RunningHeadDemands.NumberPlace.BOTTOM_CENTRE;
        Quantity asked = Quantity.words(top ? "top right" : "bottom centre");
        Map<String, List<Head>> off = new LinkedHashMap<>();
        boolean any = false;
        for (Head head : exam.heads().judged()) {
            if (!head.hasNumber()) {
                continue;
            }
            any = true;
            ProofPage page = exam.proof().pages().get(head.pages().get(0) - 1);
            boolean inHeader = head.header().hasNumber();
            String is = inHeader
                    ? position(page, PagePart.HEADER, number(head, page))
                    : position(page, PagePart.FOOTER, number(head, page));
            if (!is.equals(asked.text())) {
                off.computeIfAbsent(is, key -> new ArrayList<>()).add(head);
            }
        }
        if (!any) {
            return List.of();
        }
        if (off.isEmpty()) {
            return List.of(Reading.met(id(), "place", asked, asked));
        }
        List<Reading> readings = new ArrayList<>();
        off.forEach((is, heads) -> readings.add(Reading.off(
                id(),
                "place",
                Quantity.words(is),
                asked,
                HeadFixes.places(heads),
                top ? edits(exam, heads) : List.of())));
        return readings;
    }

    private static String number(Head head, ProofPage page) {
        String typed = head.header().hasNumber()
                ? head.header().typed()
                : head.footer().typed();
        return typed.isEmpty() ? page.printedNumber() : typed;
    }

    /** Keeps the header's words and sets them flush right with a live number. */
    private static List<Edit> edits(Examination exam, List<Head> heads) {
        List<Edit> edits = new ArrayList<>();
        for (Head head : heads) {
            edits.addAll(HeadFixes.write(exam, List.of(head), head.header().words(), true));
        }
        edits.addAll(HeadFixes.blankFooters(exam, heads));
        return edits;
    }

    private static String position(ProofPage page, PagePart part, String number) {
        String height = part == PagePart.HEADER ? "top" : "bottom";
        for (ProofLine line : page.lines(part)) {
            double right = rightEdgeOf(line, number);
            if (right < 0) {
                continue;
            }
            double missing = Millipoints.toInches(page.frame().right()) - right;
            double tolerance = Examination.TOLERANCE / 1440;
            if (Math.abs(missing) <= tolerance) {
                return height + " right";
            }
            double middle =
                    Millipoints.toInches(page.frame().left() + page.frame().width() / 2);
            double centre = right - Millipoints.toInches(line.width()) / 2;
            if (Math.abs(centre - middle) <= 0.06) {
                return height + " centre";
            }
            if (right - Millipoints.toInches(page.frame().left()) < 1) {
                return height + " left";
            }
            Length.Unit unit = Length.Unit.INCHES;
            String away = Quantity.length(Math.abs(missing) * 1440, unit).text();
            return height + ", " + away + (missing > 0 ? " short of" : " beyond") + " the right margin";
        }
        return height + ", out of sight";
    }

    /** Right edge of the number in inches, -1 where the line does not show it. */
    private static double rightEdgeOf(ProofLine line, String number) {
        if (!line.text().contains(number)) {
            return -1;
        }
        if (line.text().stripTrailing().endsWith(number)) {
            return Millipoints.toInches(line.right());
        }
        for (GlyphRun run : line.runs()) {
            if (run.text().strip().equals(number) || run.text().stripLeading().startsWith(number)) {
                return Millipoints.toInches(run.x() + run.width());
            }
        }
        return Millipoints.toInches(line.right());
    }
}
