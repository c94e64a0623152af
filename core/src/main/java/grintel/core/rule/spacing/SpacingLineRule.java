package grintel.core.rule.spacing;

import grintel.core.edit.Cause;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.rule.Examination;
import grintel.core.rule.ParagraphGroups;
import grintel.core.rule.Quantity;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.FaceMetrics;
import grintel.core.typeset.Millipoints;
import java.util.List;

/** Distance from baseline to baseline in lines of the paragraph's own type. */
public final class SpacingLineRule implements Rule {
    private static final double WITHIN = 0.05;
    private static final double ROUNDING = 1e-6;
    private static final double LEAST_SINGLE = 0.98;
    private static final double MOST_SINGLE = 1.08;
    private static final double EXACT_SINGLE_ROOM = 2;
    private static final double SAME_POINTS = 0.05;

    @Override
    public String id() {
        return "spacing.line";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        double multiple = ask.get(SpacingDemands.MULTIPLE);
        Quantity asked = Quantity.lines(multiple);
        ParagraphGroups off = new ParagraphGroups();
        List<Paragraph> judged = exam.paragraphs(SpacedRoles.AS_TEXT);
        for (Paragraph paragraph : judged) {
            double lines = lines(paragraph);
            if (!isWithin(lines, multiple) && !isExactMultiple(paragraph, multiple)) {
                off.add(Quantity.lines(lines), paragraph);
            }
        }
        if (judged.isEmpty()) {
            return List.of();
        }
        LineSpacing target = LineSpacing.multiple(multiple);
        return off.readings(
                exam,
                id(),
                "line",
                asked,
                paragraphs -> exam.cause()
                        .set(
                                Cause.paragraphs(paragraphs),
                                ParagraphProperties.LINE_SPACING,
                                target,
                                SpacedRoles.welcome(exam)));
    }

    /** The pitch of a paragraph's lines as a multiple of its own type's line. */
    static double lines(Paragraph paragraph) {
        LineSpacing spacing = paragraph.format().get(ParagraphProperties.LINE_SPACING);
        if (spacing.rule() == LineSpacing.Rule.MULTIPLE) {
            return spacing.value() / 240.0;
        }
        double single = naturalLine(paragraph);
        double pitch = Millipoints.ofTwips(spacing.value());
        return spacing.rule() == LineSpacing.Rule.AT_LEAST ? Math.max(1, pitch / single) : pitch / single;
    }

    /** Single spacing has room upwards, since programs differ in a face's own line; every multiple has some either way. */
    private static boolean isWithin(double lines, double multiple) {
        return multiple == 1
                ? lines >= LEAST_SINGLE && lines <= MOST_SINGLE
                : Math.abs(lines - multiple) <= WITHIN + ROUNDING;
    }

    /** "Exactly 24 pt" for type of 12 pt is double to anyone who sets it. */
    private static boolean isExactMultiple(Paragraph paragraph, double multiple) {
        LineSpacing spacing = paragraph.format().get(ParagraphProperties.LINE_SPACING);
        double points = type(paragraph).get(CharacterProperties.SIZE) / 2.0;
        double over = spacing.value() / 20.0 - points * multiple;
        double room = multiple == 1 ? EXACT_SINGLE_ROOM : 0;
        return spacing.rule() != LineSpacing.Rule.MULTIPLE && over > -SAME_POINTS && over < room + SAME_POINTS;
    }

    private static double naturalLine(Paragraph paragraph) {
        Formatting type = type(paragraph);
        FaceCatalogue faces = FaceCatalogue.shipped();
        FaceMetrics metrics =
                faces.metrics(faces.choose(type.get(CharacterProperties.FACE)).family(), false, false);
        return metrics.lineAt(type.get(CharacterProperties.SIZE));
    }

    private static Formatting type(Paragraph paragraph) {
        List<Inline.Text> texts = paragraph.texts();
        return texts.isEmpty() ? paragraph.mark() : texts.get(0).format();
    }
}
