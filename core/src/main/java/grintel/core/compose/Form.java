package grintel.core.compose;

import grintel.core.guide.Ask;
import grintel.core.guide.Guide;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.Place;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.guide.demand.SpacingDemands;
import grintel.core.guide.demand.TextDemands;
import grintel.core.guide.value.Length;
import grintel.core.guide.value.Value;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.rule.BodyType;
import grintel.core.typeset.FaceCatalogue;
import grintel.core.typeset.Millipoints;
import java.util.List;
import java.util.Objects;

/**
 * The values a composed paper is set in: what the guide asks, and where it leaves a choice or says nothing, what every
 * reader will take. Lengths are twips, sizes half-points.
 */
final class Form {
    /** Twips of a blank line in type of 12 points. */
    static final int BLANK_LINE = 240;

    private static final Length NO_LENGTH = Length.parse("0 in");

    private final Guide guide;
    final String face;
    final int size;
    final LineSpacing line;
    final Alignment alignment;
    final int indent;
    final int noteSize;

    Form(Guide guide) {
        this.guide = guide;
        BodyType type = BodyType.asked(guide);
        face = type.targetFace();
        size = type.targetSize();
        double multiple = value("spacing.line", SpacingDemands.MULTIPLE, 2.0);
        line = LineSpacing.multiple(multiple);
        alignment = value("spacing.alignment", SpacingDemands.ALIGNMENT, SpacingDemands.Alignment.LEFT)
                        == SpacingDemands.Alignment.JUSTIFIED
                ? Alignment.JUSTIFIED
                : Alignment.LEFT;
        indent = length("spacing.first-line", SpacingDemands.INDENT, "0.5 in");
        noteSize = value("notes.type", NoteDemands.SIZE, size);
    }

    /** What is asked of a rule. */
    Ask ask(String rule) {
        return guide.ask(rule);
    }

    boolean asks(String rule) {
        return guide.ask(rule).isAsked();
    }

    private <T> T value(String rule, Value<T> value, T otherwise) {
        return Objects.requireNonNullElse(guide.ask(rule).find(value), otherwise);
    }

    private int length(String rule, Value<Length> value, String otherwise) {
        return value(rule, value, Length.parse(otherwise)).rounded();
    }

    // ---- sheet

    int width() {
        return length("sheet.size", SheetDemands.WIDTH, "8.5 in");
    }

    int height() {
        return length("sheet.size", SheetDemands.HEIGHT, "11 in");
    }

    int margin(Value<Length> side) {
        return length("sheet.margins", side, "1 in");
    }

    /** From margin to margin. */
    int measure() {
        return width() - margin(SheetDemands.LEFT) - margin(SheetDemands.RIGHT);
    }

    int headerDistance() {
        return length("sheet.header-distance", SheetDemands.HEADER, "0.5 in");
    }

    // ---- type and spacing

    /** The height of a line of the text, as it is spaced. */
    int lineHeight() {
        double millipoints = FaceCatalogue.shipped()
                .metrics(FaceCatalogue.shipped().choose(face).family(), false, false)
                .lineAt(size);
        return (int) Math.round(millipoints / Millipoints.PER_TWIP * line.value() / 240);
    }

    int spaceBefore() {
        return value("spacing.paragraph-gap", SpacingDemands.BEFORE, NO_LENGTH).rounded();
    }

    int spaceAfter() {
        return value("spacing.paragraph-gap", SpacingDemands.AFTER, NO_LENGTH).rounded();
    }

    boolean keepsWidows() {
        return value("spacing.widows", SpacingDemands.CONTROL, SpacingDemands.Widows.ANY)
                != SpacingDemands.Widows.LOOSE;
    }

    // ---- running head

    RunningHeadDemands.Words headWords() {
        return value("running-head.text", RunningHeadDemands.CONTENT, RunningHeadDemands.Words.NONE);
    }

    /** Whether there are words at the left margin, the number at the right one. */
    boolean headWordsLeft() {
        return headWords() != RunningHeadDemands.Words.NONE
                && value("running-head.text", RunningHeadDemands.WORDS_PLACE, RunningHeadDemands.WordsPlace.BY_NUMBER)
                        == RunningHeadDemands.WordsPlace.LEFT;
    }

    boolean numberAtFoot() {
        return value("running-head.number-place", RunningHeadDemands.PLACE, RunningHeadDemands.NumberPlace.TOP_RIGHT)
                == RunningHeadDemands.NumberPlace.BOTTOM_CENTRE;
    }

    int firstNumber() {
        return value("running-head.number-start", RunningHeadDemands.START, 1);
    }

    boolean countsFromText() {
        return value("running-head.number-start", RunningHeadDemands.FROM, RunningHeadDemands.NumberedFrom.FIRST_PAGE)
                == RunningHeadDemands.NumberedFrom.TEXT;
    }

    boolean labelsFirstPage() {
        return value("running-head.label", RunningHeadDemands.PAGES, RunningHeadDemands.Labelled.NONE)
                == RunningHeadDemands.Labelled.FIRST;
    }

    /** Whether the first page bears no header. */
    boolean barsFirstPage() {
        return switch (value(
                "running-head.first-page", RunningHeadDemands.FIRST_PAGE, RunningHeadDemands.FirstPage.SAME)) {
            case SAME -> false;
            case NONE -> true;
            case NONE_ON_TITLE_PAGE -> hasTitlePage();
        };
    }

    // ---- opening

    boolean hasTitlePage() {
        return value("opening.title-page", OpeningDemands.TITLE_PAGE, false);
    }

    List<Element> titlePageParts() {
        return value(
                "opening.title-page-parts",
                OpeningDemands.PARTS,
                List.of(Element.TITLE, Element.AUTHOR, Element.COURSE, Element.INSTRUCTOR, Element.DATE));
    }

    List<Element> headingLines() {
        return value("opening.heading-block", OpeningDemands.LINES, List.of());
    }

    boolean titleBold() {
        return value("opening.title-form", OpeningDemands.BOLD, Boldness.PLAIN) == Boldness.BOLD;
    }

    OpeningDemands.DateOrder dateOrder() {
        return value("opening.date-form", OpeningDemands.ORDER, OpeningDemands.DateOrder.EITHER);
    }

    boolean hasAbstract() {
        return asks("opening.abstract") && value("opening.abstract", OpeningDemands.ABSTRACT, false);
    }

    boolean abstractLabelBold() {
        return value("opening.abstract", OpeningDemands.LABEL_BOLD, Boldness.BOLD) != Boldness.PLAIN;
    }

    // ---- headings and quotations

    /** The forms of the levels, the highest first; none where the guide asks for none. */
    List<HeadingForm> headings() {
        return value("headings.form", HeadingDemands.LEVELS, List.of());
    }

    int quotationIndent() {
        return length("text.quotation-form", TextDemands.INDENT, "0.5 in");
    }

    LineSpacing quotationLine() {
        return LineSpacing.multiple(value("text.quotation-form", TextDemands.MULTIPLE, 2.0));
    }

    int quotationGap() {
        return gap(value("text.quotation-form", TextDemands.GAP, Gap.NONE), size);
    }

    /** A blank line where one is asked for, in type of a size. */
    private static int gap(Gap gap, int halfPoints) {
        return gap == Gap.ONE_LINE ? BLANK_LINE * halfPoints / 24 : 0;
    }

    // ---- notes

    boolean notesAtEnd() {
        return value("notes.kind", NoteDemands.KIND, NoteDemands.Kind.EITHER) == NoteDemands.Kind.ENDNOTES;
    }

    int noteIndent() {
        return length("notes.first-line", NoteDemands.INDENT, "0 in");
    }

    LineSpacing noteLine() {
        return LineSpacing.multiple(value("notes.spacing", NoteDemands.MULTIPLE, 1.0));
    }

    int noteGap() {
        return gap(value("notes.gap", NoteDemands.GAP, Gap.NONE), noteSize);
    }

    // ---- tables

    /** The cells of a table stand single where the guide sets tables by rules of their own, else as the text does. */
    LineSpacing tableLine() {
        return asks("tables.rules") || asks("tables.verticals") ? LineSpacing.SINGLE : line;
    }

    // ---- sources and appendices

    /** The label of a list of so many entries. */
    String sourcesLabel(int entries) {
        List<String> words = value("sources.label", SourceDemands.WORDS, List.of("Works Cited"));
        return words.get(entries == 1 && words.size() > 1 ? 1 : 0);
    }

    boolean sourcesLabelBold() {
        return value("sources.label", SourceDemands.BOLD, Boldness.PLAIN) == Boldness.BOLD;
    }

    int hanging() {
        return length("sources.hanging", SourceDemands.INDENT, "0.5 in");
    }

    LineSpacing entryLine() {
        return LineSpacing.multiple(value("sources.spacing", SourceDemands.MULTIPLE, 2.0));
    }

    int entryGap() {
        return gap(value("sources.spacing", SourceDemands.GAP, Gap.NONE), size);
    }

    boolean appendicesLast() {
        return value("hand-in.part-order", ClosingDemands.APPENDICES, Place.BEFORE_SOURCES) == Place.AFTER_SOURCES;
    }

    boolean appendixLabelBold() {
        return value("appendices.label", ClosingDemands.BOLD, Boldness.PLAIN) == Boldness.BOLD;
    }
}
