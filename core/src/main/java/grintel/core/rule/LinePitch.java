package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Holder;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.Millipoints;
import java.util.List;
import java.util.function.Predicate;

/** Distance from baseline to baseline in lines of a paragraph's own type. */
public final class LinePitch {
    private static final double WITHIN = 0.05;
    private static final double ROUNDING = 1e-6;
    private static final double LEAST_SINGLE = 0.98;
    private static final double MOST_SINGLE = 1.08;
    private static final double EXACT_SINGLE_ROOM = 2;
    private static final double SAME_POINTS = 0.05;

    private LinePitch() {}

    /**
     * The readings of a rule that asks for a line spacing.
     *
     * @param welcome others that may take it along with them
     */
    public static List<Reading> readings(
            String rule, Subjects<Paragraph> paragraphs, double multiple, Predicate<Holder> welcome) {
        return paragraphs
                .check(rule, "line")
                .measure(paragraph -> new Measure.Lines(lines(paragraph)))
                .asks(new Measure.Lines(multiple))
                .metWhen((paragraph, is) ->
                        isWithin(((Measure.Lines) is).lines(), multiple) || isExactMultiple(paragraph, multiple))
                .fix((off, cause) -> cause.set(
                        Cause.paragraphs(off),
                        ParagraphProperties.LINE_SPACING,
                        LineSpacing.multiple(multiple),
                        welcome))
                .readings();
    }

    /** A double line of the type the text should have, in twips. */
    public static double doubleLine(BodyType body) {
        return 2 * naturalLine(body.targetFace(), body.targetSize()) / Millipoints.PER_TWIP;
    }

    /** The pitch of a paragraph's lines in twips. */
    public static double twips(Paragraph paragraph) {
        return lines(paragraph) * naturalLine(paragraph) / Millipoints.PER_TWIP;
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
        return naturalLine(type.get(CharacterProperties.FACE), type.get(CharacterProperties.SIZE));
    }

    /** A face's own single line at a size, in millipoints. */
    private static double naturalLine(String face, int halfPoints) {
        FaceCatalogue faces = FaceCatalogue.shipped();
        return faces.metrics(faces.choose(face).family(), false, false).lineAt(halfPoints);
    }

    private static Formatting type(Paragraph paragraph) {
        List<Inline.Text> texts = paragraph.texts();
        return texts.isEmpty() ? paragraph.mark() : texts.get(0).format();
    }
}
