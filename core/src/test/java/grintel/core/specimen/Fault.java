package grintel.core.specimen;

import grintel.core.guide.Guide;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import java.util.List;
import java.util.function.Consumer;

/**
 * One thing wrong with a specimen.
 *
 * @param rule the rule that finds it, and no other does
 */
public record Fault(String name, String rule, Consumer<Specimen> lay) {
    /** Faults that every guide minds which asks their rule. */
    public static final List<Fault> ALL = List.of(
            new Fault(
                    "sheet of A4",
                    "sheet.size",
                    s -> s.section.set(SectionProperties.PAGE_WIDTH, 11906).set(SectionProperties.PAGE_HEIGHT, 16838)),
            new Fault(
                    "sheet on its side",
                    "sheet.orientation",
                    s -> s.section
                            .set(SectionProperties.PAGE_WIDTH, 15840)
                            .set(SectionProperties.PAGE_HEIGHT, 12240)
                            .set(SectionProperties.LANDSCAPE, true)),
            new Fault(
                    "left margin of 1.75 in", "sheet.margins", s -> s.section.set(SectionProperties.MARGIN_LEFT, 2520)),
            new Fault("gutter", "sheet.margins", s -> s.section.set(SectionProperties.GUTTER, 1080)),
            new Fault("two columns", "sheet.columns", s -> s.section.set(SectionProperties.COLUMNS, 2)),
            new Fault(
                    "header at the edge",
                    "sheet.header-distance",
                    s -> s.section.set(SectionProperties.HEADER_DISTANCE, 360)),
            new Fault("a display face", "type.face", s -> Specimen.type(s.characters, "Comic Sans MS", 24)),
            new Fault("small type", "type.size", s -> Specimen.type(s.characters, "Times New Roman", 18)),
            new Fault(
                    "pasted words in another type",
                    "type.strays",
                    s -> s.second = line -> line.text("The canal ", Specimen.type("Verdana", 20))),
            new Fault(
                    "blue words",
                    "type.colour",
                    s -> s.second = line ->
                            line.text("The canal ", PropertySet.of(CharacterProperties.COLOUR, new Colour(0x0000FF)))),
            new Fault(
                    "highlighted words",
                    "type.colour",
                    s -> s.second =
                            line -> line.text("The canal ", PropertySet.of(CharacterProperties.HIGHLIGHT, "yellow"))),
            new Fault(
                    "underlined words",
                    "type.emphasis",
                    s -> s.second =
                            line -> line.text("The canal ", PropertySet.of(CharacterProperties.UNDERLINE, "single"))),
            new Fault(
                    "one and a half lines",
                    "spacing.line",
                    s -> s.paragraph.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.5))),
            new Fault(
                    "a gap after paragraphs",
                    "spacing.paragraph-gap",
                    s -> s.paragraph.set(ParagraphProperties.SPACE_AFTER, 200)),
            new Fault(
                    "a blank line between paragraphs",
                    "spacing.blank-paragraphs",
                    s -> s.between = paper -> paper.paragraph("")),
            new Fault(
                    "a justified paragraph",
                    "spacing.alignment",
                    s -> s.second = line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED)),
            new Fault(
                    "no indent",
                    "spacing.first-line",
                    s -> s.second = line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 0)),
            new Fault(
                    "a hard line break",
                    "spacing.line-breaks",
                    s -> s.second =
                            line -> line.text("The canal is long and the lamps on it are many, as every keeper knows.")
                                    .lineBreak()),
            new Fault(
                    "hyphenation",
                    "spacing.hyphenation",
                    s -> s.more = paper -> paper.settings(settings -> settings.withHyphenation(true))),
            new Fault(
                    "two spaces after a sentence",
                    "spacing.sentence-gap",
                    s -> s.second = line -> line.text("So it is.  ")),
            new Fault(
                    "loose lines at page ends",
                    "spacing.widows",
                    s -> s.paragraph.set(ParagraphProperties.WIDOW_CONTROL, false)),
            new Fault("sources pushed to a page", "spacing.page-push", s -> s.pushSources = true),
            new Fault(
                    "a typed number",
                    "running-head.number-live",
                    s -> s.header = line -> s.headLine(line, "", s.words(), false)),
            new Fault(
                    "a number away from the margin",
                    "running-head.number-place",
                    s -> s.header = line -> {
                        s.headLine(line, "", s.words(), true);
                        line.set(ParagraphProperties.TAB_STOPS, Specimen.stop(6000));
                        line.set(ParagraphProperties.ALIGNMENT, Alignment.LEFT);
                    }),
            new Fault(
                    "numbering from another number",
                    "running-head.number-start",
                    s -> s.section.set(SectionProperties.PAGE_NUMBER_START, 7)),
            new Fault(
                    "other words in the header",
                    "running-head.text",
                    s -> s.header = line -> s.headLine(line, "", "DRAFT", true)),
            new Fault(
                    "a header in another type",
                    "running-head.type",
                    s -> s.header = line -> {
                        line.runStyle("Odd");
                        s.headLine(line, "", s.words(), true);
                    }),
            new Fault(
                    "words at the foot",
                    "running-head.footer",
                    s -> s.footer = line -> line.text("Draft for the seminar")),
            new Fault("a first page of its own", "running-head.first-page", s -> {
                s.section.set(SectionProperties.FIRST_PAGE_DIFFERS, true);
                s.more = paper -> paper.header(Variant.FIRST, line -> line.text("Draft"));
            }),
            new Fault(
                    "a title off the middle",
                    "opening.title-form",
                    s -> s.title = line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)),
            new Fault(
                    "an underlined title",
                    "opening.title-form",
                    s -> s.titleType = PropertySet.of(CharacterProperties.UNDERLINE, "single")),
            new Fault("a title in another case", "opening.title-case", s -> s.titleWords = "Lamps On The Low Canal"),
            new Fault("a date in numbers", "opening.date-form", s -> s.date = "2026-10-09"),
            new Fault(
                    "a dash of two hyphens",
                    "text.dashes",
                    s -> s.second = line -> line.text("The lamp--lit--is dear. ")),
            new Fault(
                    "a long quotation in the text",
                    "text.quotation-long",
                    s -> s.second = line -> line.text("He says, “" + Specimen.PROSE + " " + Specimen.PROSE + " "
                            + Specimen.PROSE + "” and so on. ")),
            new Fault(
                    "a sign for letters",
                    "text.mangled-marks",
                    s -> s.second = line -> line.text("First (a), then ©. ")),
            new Fault("a list of sources of another name", "sources.label", s -> s.sourcesLabel = "Literature Cited"),
            new Fault(
                    "a label at the margin",
                    "sources.label",
                    s -> s.label = line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.LEFT)),
            new Fault("sources that follow the text", "sources.new-page", s -> s.runOnSources = true),
            new Fault("sources upside down", "sources.order", s -> s.upsideDown = true),
            new Fault(
                    "entries without hanging indent",
                    "sources.hanging",
                    s -> s.entry = line ->
                            line.set(ParagraphProperties.INDENT_LEFT, 0).set(ParagraphProperties.INDENT_FIRST_LINE, 0)),
            new Fault(
                    "entries too close",
                    "sources.spacing",
                    s -> s.entry = line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.3))),
            new Fault("titles not slanted", "sources.italics", s -> s.entryTitle = PropertySet.empty()),
            new Fault(
                    "a placeholder",
                    "hand-in.placeholders",
                    s -> s.second = line -> line.text("As [insert source] says. ")),
            new Fault(
                    "hidden words",
                    "hand-in.hidden",
                    s -> s.second = line -> line.text("Not this. ", PropertySet.of(CharacterProperties.HIDDEN, true))),
            new Fault(
                    "a page with nothing on it",
                    "hand-in.blank-pages",
                    s -> s.between =
                            paper -> paper.paragraph(line -> line.pageBreak()).paragraph(line -> line.pageBreak())));

    /**
     * Whether it is a fault of its rule alone in a guide's form. Where the first page has a header of its own, a fault of
     * one of the two is one of both; where no date is asked for, it has no form.
     */
    public boolean appliesTo(Guide guide) {
        boolean dateless = guide.ask("opening.title-page-parts").isAsked()
                && !guide.ask("opening.title-page-parts")
                        .get(OpeningDemands.PARTS)
                        .contains(OpeningDemands.Element.DATE);
        boolean twoHeaders = guide.id().equals("apa-6")
                && (rule.equals("running-head.first-page") || rule.equals("running-head.text"));
        return !twoHeaders && !(dateless && rule.equals("opening.date-form"));
    }
}
