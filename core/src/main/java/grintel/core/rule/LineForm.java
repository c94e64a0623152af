package grintel.core.rule;

import grintel.core.edit.Cause;
import grintel.core.edit.Edit;
import grintel.core.edit.Holder;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.Stand;
import grintel.core.guide.value.Length;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/**
 * How a line of its own, or a heading that text runs on from, looks: titles, labels, headings. Where it stands is
 * measured on the page as laid out.
 *
 * @param stand {@link Stand#INDENTED} is the matter of the rule of first lines and is not asked here
 */
public record LineForm(Stand stand, Boldness bold, Slant slant, boolean underlined) {
    /** Twips: a line this close to the middle of its measure is one meant to stand there. */
    private static final double MEANT_FOR_THE_MIDDLE = 216;

    private static final double NEARLY_ALL = 0.98;

    /** A plain upright line in the middle. */
    public static LineForm centred(Boldness bold) {
        return new LineForm(Stand.CENTRED, bold, Slant.UPRIGHT, false);
    }

    public static LineForm of(HeadingForm form) {
        return new LineForm(form.stand(), form.bold(), form.slant(), form.underlined());
    }

    /** The readings of a rule that asks this form of lines. */
    public List<Reading> readings(String rule, Examination exam, Subjects<Stretch> lines) {
        return readings(rule, exam, lines, is -> is);
    }

    /** @param told what is off as it is told, where several kinds of lines are judged by one rule */
    public List<Reading> readings(String rule, Examination exam, Subjects<Stretch> lines, UnaryOperator<Measure> told) {
        if (lines.isEmpty()) {
            return List.of();
        }
        List<Reading> out = new ArrayList<>();
        if (stand != Stand.INDENTED) {
            Measure asked = Measure.word(stand == Stand.CENTRED ? "centred" : "at-left");
            out.addAll(lines.check(rule, "stand")
                    .measure(line -> told(stand(exam, line.paragraph()), asked, told))
                    .asks(asked)
                    .fix((off, cause) -> standing(off, cause))
                    .readings());
        }
        if (bold != Boldness.ANY) {
            boolean is = bold == Boldness.BOLD;
            out.addAll(
                    typed(rule, lines, told, "bold", LineForm::isBold, CharacterProperties.BOLD, is, "bold", "plain"));
        }
        boolean italic = slant == Slant.ITALIC;
        out.addAll(typed(
                rule,
                lines,
                told,
                "slant",
                LineForm::isItalic,
                CharacterProperties.ITALIC,
                italic,
                "italic",
                "upright"));
        String line = underlined ? "single" : "none";
        // That a plain line is neither underlined nor in capitals is worth no word.
        out.addAll(notable(typed(
                rule,
                lines,
                told,
                "underline",
                format -> !format.get(CharacterProperties.UNDERLINE).equals("none"),
                CharacterProperties.UNDERLINE,
                line,
                "underlined",
                "not-underlined")));
        out.addAll(notable(typed(
                rule,
                lines,
                told,
                "capitals",
                LineForm::isInCapitals,
                CharacterProperties.CAPITALS,
                false,
                "capitals",
                "as-typed")));
        return out;
    }

    private List<Reading> notable(List<Reading> readings) {
        return underlined ? readings : readings.stream().filter(Reading::off).toList();
    }

    private static boolean isBold(Formatting format) {
        return format.get(CharacterProperties.BOLD);
    }

    private static boolean isItalic(Formatting format) {
        return format.get(CharacterProperties.ITALIC);
    }

    private static boolean isInCapitals(Formatting format) {
        return format.get(CharacterProperties.CAPITALS) || format.get(CharacterProperties.SMALL_CAPITALS);
    }

    /** What all letters are, or none; words of another slant in a line are titles, and stay. */
    private <T> List<Reading> typed(
            String rule,
            Subjects<Stretch> lines,
            UnaryOperator<Measure> told,
            String quantity,
            Predicate<Formatting> test,
            Property<T> property,
            T asked,
            String all,
            String none) {
        boolean wanted = !asked.equals(false) && !asked.equals("none");
        boolean partsMayDiffer = property == CharacterProperties.ITALIC;
        Measure required = Measure.word(wanted ? all : none);
        return lines.check(rule, quantity)
                .measure(line -> {
                    double share = line.share(test);
                    boolean mixed = share > 0 && share < NEARLY_ALL;
                    if (mixed && partsMayDiffer && (!wanted || share > 0.5)) {
                        return required;
                    }
                    Measure is = Measure.word(share > 0 ? all : none);
                    return told(mixed ? new Measure.Phrase("partly", is) : is, required, told);
                })
                .asks(required)
                .fix((off, cause) -> {
                    List<Holder> holders = new ArrayList<>();
                    off.forEach(line -> holders.addAll(line.holders()));
                    List<Edit> edits = new ArrayList<>(cause.set(holders, property, asked));
                    if (property == CharacterProperties.CAPITALS) {
                        edits.addAll(cause.set(holders, CharacterProperties.SMALL_CAPITALS, false));
                    }
                    return edits;
                })
                .readings();
    }

    private static @Nullable Measure told(@Nullable Measure is, Measure asked, UnaryOperator<Measure> told) {
        return is == null || is.meets(asked) ? is : told.apply(is);
    }

    /** Where a line stands in its measure, as laid out; null where it stands on no page. */
    private static @Nullable Measure stand(Examination exam, Paragraph paragraph) {
        List<Proof.Placed> lines = exam.proof().lines(paragraph.address());
        if (lines.isEmpty()) {
            return null;
        }
        ProofLine line = lines.get(0).line();
        double left = Millipoints.toTwips(line.x() - line.columnLeft());
        double right = Millipoints.toTwips(line.columnRight() - line.right());
        double shift = (left - right) / 2;
        boolean closed = Math.abs(shift) <= Measure.TOLERANCE;
        return switch (paragraph.format().get(ParagraphProperties.ALIGNMENT)) {
            case CENTRE ->
                closed && lines.stream().allMatch(each -> isWithin(each.line()))
                        ? Measure.word("centred")
                        : new Measure.Phrase("shifted", Measure.distance(Math.abs(shift), Length.Unit.INCHES));
            case RIGHT -> Measure.word("at-right");
            case LEFT, JUSTIFIED -> {
                if (Math.abs(left) <= Measure.TOLERANCE) {
                    yield Measure.word("at-left");
                }
                boolean meant = Math.abs(shift) <= MEANT_FOR_THE_MIDDLE && lines.size() == 1;
                yield meant
                        ? Measure.word("pushed-to-middle")
                        : new Measure.Phrase("set-in", Measure.distance(left, Length.Unit.INCHES));
            }
        };
    }

    private static boolean isWithin(ProofLine line) {
        int left = line.x() - line.columnLeft();
        int right = line.columnRight() - line.right();
        return line.isEmpty() || Math.abs(left - right) / 2.0 <= Measure.TOLERANCE * Millipoints.PER_TWIP;
    }

    /** Edits that let lines stand by their alignment alone. */
    private List<Edit> standing(List<Stretch> off, Cause cause) {
        List<Paragraph> paragraphs = off.stream().map(Stretch::paragraph).toList();
        List<Holder> holders = Cause.paragraphs(paragraphs);
        List<Edit> edits = new ArrayList<>();
        for (Property<Integer> indent : List.of(
                ParagraphProperties.INDENT_FIRST_LINE_CHARACTERS,
                ParagraphProperties.INDENT_LEFT_CHARACTERS,
                ParagraphProperties.INDENT_RIGHT_CHARACTERS,
                ParagraphProperties.INDENT_FIRST_LINE,
                ParagraphProperties.INDENT_LEFT,
                ParagraphProperties.INDENT_RIGHT)) {
            edits.addAll(cause.set(holders, indent, 0));
        }
        ParagraphProperties.Alignment alignment =
                stand == Stand.CENTRED ? ParagraphProperties.Alignment.CENTRE : ParagraphProperties.Alignment.LEFT;
        edits.addAll(cause.set(holders, ParagraphProperties.ALIGNMENT, alignment));
        paragraphs.forEach(paragraph -> edits.addAll(LeadingSpace.removal(paragraph)));
        return edits;
    }
}
