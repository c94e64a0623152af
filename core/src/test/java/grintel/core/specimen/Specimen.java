package grintel.core.specimen;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guide;
import grintel.core.guide.Guides;
import grintel.core.guide.demand.Boldness;
import grintel.core.guide.demand.CaptionForm;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.guide.demand.FigureDemands;
import grintel.core.guide.demand.Gap;
import grintel.core.guide.demand.HeadingDemands;
import grintel.core.guide.demand.HeadingForm;
import grintel.core.guide.demand.NoteDemands;
import grintel.core.guide.demand.OpeningDemands;
import grintel.core.guide.demand.OpeningDemands.Element;
import grintel.core.guide.demand.Place;
import grintel.core.guide.demand.RunningHeadDemands;
import grintel.core.guide.demand.Slant;
import grintel.core.guide.demand.SourceDemands;
import grintel.core.guide.demand.Stand;
import grintel.core.guide.demand.TableDemands;
import grintel.core.guide.demand.TextDemands;
import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TabStops;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * A correct paper in the form one guide asks for, made of parts of many kinds. What a test changes in it before it is
 * built is a fault, or is none.
 */
public final class Specimen {
    public static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the"
                    + " weather and the price of oil before anyone has spoken a word about the town or the people in it at all.";
    static final String TITLE = "Lamps on the Low Canal";
    private static final String SHORT_TITLE = "LOW CANAL";
    private static final PropertySet PLAIN = PropertySet.empty();
    /** The look of a number that calls a note. */
    public static final PropertySet RAISED =
            PropertySet.of(CharacterProperties.VERTICAL_POSITION, CharacterProperties.VerticalPosition.SUPERSCRIPT);

    private final Guide guide;
    private final Content content;
    private final PaperBuilder out = new PaperBuilder();
    /** Direct formatting of the style of the text. */
    public final PropertySet.Builder paragraph = new PropertySet.Builder();

    public final PropertySet.Builder characters = new PropertySet.Builder();
    public final PropertySet.Builder section = new PropertySet.Builder();
    /** What the second paragraph of the text is made of, on top of its form. */
    public Consumer<ParagraphBuilder> second = line -> {};
    /** Blocks brought in after the second paragraph. */
    public Consumer<PaperBuilder> between = paper -> {};

    /** Blocks after all others. */
    public Consumer<PaperBuilder> after = paper -> {};

    public @Nullable Consumer<ParagraphBuilder> header;
    public @Nullable Consumer<ParagraphBuilder> footer;
    public Consumer<PaperBuilder> more = paper -> {};
    /** What stands before the text in place of the opening in form. */
    public @Nullable Consumer<PaperBuilder> opening;

    /** What is set of the title on top of its form. */
    public Consumer<ParagraphBuilder> title = line -> {};

    public PropertySet titleType = PLAIN;
    public String titleWords = TITLE;
    /** The date, where it is not in form. */
    public @Nullable String date;
    /** The label of the list of sources, where it is not in form, and what is set of it. */
    public @Nullable String sourcesLabel;

    public Consumer<ParagraphBuilder> label = line -> {};
    public Consumer<ParagraphBuilder> entry = line -> {};
    public PropertySet entryTitle = PropertySet.of(CharacterProperties.ITALIC, true);
    public boolean runOnSources;
    public boolean upsideDown;
    public boolean pushSources;
    /** Whether the next paragraph of text starts a page. */
    private boolean opens;

    private final boolean titlePage;
    private final boolean labelled;

    private Specimen(Guide guide, Content content) {
        this.guide = guide;
        this.content = content;
        paragraph.set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);
        paragraph.set(ParagraphProperties.WIDOW_CONTROL, true);
        type(characters, "Times New Roman", 24);
        section.set(SectionProperties.PAGE_WIDTH, 12240)
                .set(SectionProperties.PAGE_HEIGHT, 15840)
                .set(SectionProperties.MARGIN_TOP, 1440)
                .set(SectionProperties.MARGIN_RIGHT, 1440)
                .set(SectionProperties.MARGIN_BOTTOM, 1440)
                .set(SectionProperties.MARGIN_LEFT, 1440)
                .set(SectionProperties.HEADER_DISTANCE, 720);
        titlePage = guide.ask("opening.title-page").get(OpeningDemands.TITLE_PAGE);
        labelled = guide.ask("running-head.label").get(RunningHeadDemands.PAGES) == RunningHeadDemands.Labelled.FIRST;
        boolean bare = titlePage
                && guide.ask("running-head.first-page").get(RunningHeadDemands.FIRST_PAGE)
                        == RunningHeadDemands.FirstPage.NONE_ON_TITLE_PAGE;
        if (bare) {
            section.set(SectionProperties.PAGE_NUMBER_START, 0);
        }
        if (bare || labelled) {
            section.set(SectionProperties.FIRST_PAGE_DIFFERS, true);
        }
    }

    /** What a specimen holds beside opening, text and sources. */
    public enum Content {
        NOTHING,
        HEADINGS,
        QUOTATIONS,
        OBJECTS,
        SECTIONS,
        APPENDICES,
        CODE
    }

    public static Specimen of(String guide, Content content) {
        Guide found = Guides.find(guide);
        if (found == null) {
            throw new IllegalArgumentException("There is no guide " + guide);
        }
        return new Specimen(found, content);
    }

    public static void type(PropertySet.Builder out, String face, int halfPoints) {
        out.set(CharacterProperties.FACE, face);
        out.set(CharacterProperties.FACE_HIGH_ANSI, face);
        out.set(CharacterProperties.SIZE, halfPoints);
    }

    public static PropertySet type(String face, int halfPoints) {
        PropertySet.Builder type = new PropertySet.Builder();
        type(type, face, halfPoints);
        return type.build();
    }

    public Guide guide() {
        return guide;
    }

    /** The brief it is correct by. */
    public Brief brief() {
        return Brief.of(guide, null, Facts.of("Solvane", SHORT_TITLE));
    }

    // ---- building

    public Paper build() {
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, paragraph.build(), characters.build());
        for (int level = 1; level <= 5; level++) {
            PropertySet outline = PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, level - 1)
                    .with(ParagraphProperties.KEEP_WITH_NEXT, true);
            out.style("H" + level, "heading " + level, Style.Kind.PARAGRAPH, "Normal", outline, PLAIN);
        }
        out.style(Style.of("Odd", "Odd", Style.Kind.CHARACTER, null, false, PLAIN, type("Verdana", 20)));
        if (labelled) {
            out.header(Variant.FIRST, line -> headLine(line, "Running head: ", words(), true));
        }
        out.section(section.build());
        out.header(Variant.DEFAULT, header == null ? line -> headLine(line, "", words(), true) : header);
        if (footer != null) {
            out.footer(Variant.DEFAULT, footer);
        }
        more.accept(out);
        if (opening != null) {
            opening.accept(out);
        } else if (titlePage) {
            titlePage();
        } else {
            headingLines();
        }
        text(PROSE);
        text(second, PROSE);
        between.accept(out);
        text(content == Content.SECTIONS ? "What the keepers burn stands in Table 1. " + PROSE : PROSE);
        content();
        text(PROSE);
        boolean appendixLast = guide.ask("hand-in.part-order").get(ClosingDemands.APPENDICES) == Place.AFTER_SOURCES;
        if (content == Content.APPENDICES && !appendixLast) {
            appendix();
        }
        sources();
        if (content == Content.APPENDICES && appendixLast) {
            appendix();
        }
        after.accept(out);
        out.properties(TITLE, "Marit Solvane");
        return out.build();
    }

    /** The words of the header beside its number. */
    public String words() {
        return switch (guide.ask("running-head.text").get(RunningHeadDemands.CONTENT)) {
            case NONE -> "";
            case SURNAME -> "Solvane";
            case SHORT_TITLE -> SHORT_TITLE;
        };
    }

    /** Whether the header's words stand at the left margin, the number at the right one. */
    public boolean parted() {
        return guide.ask("running-head.text").get(RunningHeadDemands.WORDS_PLACE) == RunningHeadDemands.WordsPlace.LEFT;
    }

    /** A header in the form the guide asks for. */
    public void headLine(ParagraphBuilder line, String label, String words, boolean live) {
        line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE);
        if (parted()) {
            line.set(ParagraphProperties.TAB_STOPS, stop(9360))
                    .text(label + words)
                    .tab();
        } else {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT);
            if (!words.isEmpty()) {
                line.text(words + " ");
            }
        }
        if (live) {
            line.pageNumber(PLAIN);
        } else {
            line.text("1");
        }
    }

    static TabStops stop(int twips) {
        return new TabStops(List.of(new TabStops.Stop(twips, TabStops.Kind.RIGHT, TabStops.Leader.NONE)), List.of());
    }

    private void titlePage() {
        List<Element> parts = guide.ask("opening.title-page-parts").get(OpeningDemands.PARTS);
        Boldness bold = guide.ask("opening.title-form").get(OpeningDemands.BOLD);
        boolean first = true;
        for (Element part : parts) {
            if (part == Element.AUTHOR_NOTE) {
                out.paragraph(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                        .set(ParagraphProperties.SPACE_BEFORE, 3600)
                        .text("Author Note", bold(true)));
                text("Marit Solvane keeps the lamp archive of the college and has no other interest in it to declare.");
                continue;
            }
            boolean title = part == Element.TITLE;
            int drop = first ? 1656 : 0;
            int gap = title && guide.ask("opening.title-gap").isAsked() ? 552 : 0;
            first = false;
            out.paragraph(line -> {
                line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                        .set(ParagraphProperties.SPACE_BEFORE, drop)
                        .set(ParagraphProperties.SPACE_AFTER, gap);
                if (title) {
                    this.title.accept(line);
                }
                line.text(words(part), title ? titleType(bold) : PLAIN);
            });
        }
        if (guide.ask("opening.abstract").isAsked()) {
            centred("Abstract", guide.ask("opening.abstract").get(OpeningDemands.LABEL_BOLD), true);
            abstractText();
        }
        if (guide.ask("opening.text-title").isAsked()) {
            title(bold, true);
        } else {
            opens = true;
        }
    }

    /** As long as the guide that asks for most words of it has it, in one paragraph. */
    private void abstractText() {
        out.paragraph(PROSE + " " + PROSE + " " + PROSE + " " + PROSE);
        if (guide.ask("opening.keywords").isAsked()) {
            out.paragraph(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                    .text("Keywords:", PropertySet.of(CharacterProperties.ITALIC, true))
                    .text(" lamps, canals, night work"));
        }
    }

    private String words(Element part) {
        return switch (part) {
            case TITLE -> titleWords;
            case AUTHOR -> "Marit Solvane";
            case INSTITUTION -> "Brackwater College";
            case DEPARTMENT -> "Department of Letters";
            case AFFILIATION -> "Department of Letters, Brackwater College";
            case COURSE -> "LIT 214: Novels of the Canals";
            case CLASS_PERIOD -> "Period 3";
            case INSTRUCTOR -> "Dr. Ilse Tamberg";
            case ASSIGNMENT -> "Second Essay";
            case DATE ->
                date != null
                        ? date
                        : guide.ask("opening.date-form").get(OpeningDemands.ORDER)
                                        == OpeningDemands.DateOrder.DAY_MONTH_YEAR
                                ? "9 October 2026"
                                : "October 9, 2026";
            case AUTHOR_NOTE -> "";
        };
    }

    private void headingLines() {
        for (Element part : guide.ask("opening.heading-block").get(OpeningDemands.LINES)) {
            out.paragraph(words(part));
        }
        title(Boldness.PLAIN, false);
    }

    private PropertySet titleType(Boldness bold) {
        return titleType.over(bold == Boldness.BOLD ? bold(true) : PLAIN);
    }

    private void title(Boldness bold, boolean newPage) {
        out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            if (newPage) {
                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
            }
            title.accept(line);
            line.text(titleWords, titleType(bold));
        });
    }

    private void centred(String text, Boldness bold, boolean newPage) {
        out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            if (newPage) {
                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
            }
            line.text(text, bold == Boldness.BOLD ? bold(true) : PLAIN);
        });
    }

    private static PropertySet bold(boolean is) {
        return PropertySet.of(CharacterProperties.BOLD, is);
    }

    private void text(String words) {
        text(line -> {}, words);
    }

    private void text(Consumer<ParagraphBuilder> before, String words) {
        out.paragraph(line -> {
            line.set(ParagraphProperties.INDENT_FIRST_LINE, 720);
            if (opens) {
                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
                opens = false;
            }
            before.accept(line);
            line.text(words);
        });
    }

    private void content() {
        switch (content) {
            case NOTHING -> {}
            case APPENDICES -> text("What the keepers were asked stands in the Appendix. " + PROSE);
            case HEADINGS -> headings();
            case QUOTATIONS -> quotations();
            case OBJECTS -> objects();
            case SECTIONS -> sections();
            case CODE -> {
                for (int i = 0; i < 12; i++) {
                    out.paragraph(line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                            .text(
                                    "    for (lamp : lamps) { count(lamp); total += lamp.oil(); report(total); }",
                                    type("Courier New", 18)));
                }
            }
        }
    }

    private void headings() {
        List<HeadingForm> levels = new ArrayList<>();
        if (guide.ask("headings.form").isAsked()) {
            levels.addAll(guide.ask("headings.form").get(HeadingDemands.LEVELS));
        }
        for (int level = 1; level <= levels.size(); level++) {
            heading(levels.get(level - 1), level);
        }
        for (int level = levels.size(); level >= 1; level--) {
            heading(levels.get(level - 1), level);
        }
    }

    private void heading(HeadingForm form, int level) {
        PropertySet.Builder look = new PropertySet.Builder();
        look.set(CharacterProperties.BOLD, form.bold() == Boldness.BOLD);
        look.set(CharacterProperties.ITALIC, form.slant() == Slant.ITALIC);
        if (form.underlined()) {
            look.set(CharacterProperties.UNDERLINE, "single");
        }
        String words = "The Lamps of Form " + level + (form.fullStop() ? "." : "");
        if (form.runIn()) {
            text(line -> line.text(words, look.build()).text(" "), PROSE);
        } else {
            out.paragraph(line -> line.style("H" + level)
                    .set(
                            ParagraphProperties.ALIGNMENT,
                            form.stand() == Stand.CENTRED ? Alignment.CENTRE : Alignment.LEFT)
                    .text(words, look.build()));
            text(PROSE);
        }
    }

    private void quotations() {
        double lines = guide.ask("text.quotation-form").get(TextDemands.MULTIPLE);
        boolean apart = guide.ask("text.quotation-form").get(TextDemands.GAP) == Gap.ONE_LINE;
        out.paragraph(line -> {
            line.set(ParagraphProperties.INDENT_LEFT, 720)
                    .set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(lines));
            if (apart) {
                line.set(ParagraphProperties.SPACE_BEFORE, 240).set(ParagraphProperties.SPACE_AFTER, 240);
            }
            line.text(PROSE + " " + PROSE + " " + PROSE);
        });
        out.paragraph("so the keeper says, and the book goes on from there as if nothing at all had been said by him.");
        for (String verse : List.of("The lamp comes first", "and then the water", "and then the town")) {
            out.paragraph(line ->
                    line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text(verse));
        }
        text(PROSE);
        out.list(1, bulleted());
        for (String item : List.of("oil by the quart", "wicks by the dozen")) {
            out.paragraph(line -> line.set(ParagraphProperties.INDENT_LEFT, 720)
                    .set(ParagraphProperties.INDENT_FIRST_LINE, -360)
                    .set(ParagraphProperties.NUMBERING_ID, 1)
                    .text(item));
        }
    }

    /** A list of bullets. */
    public static Lists.Definition bulleted() {
        ListLevel level = new ListLevel(1, NumberFormat.BULLET, "•", "tab", "", PLAIN, PLAIN);
        return new Lists.Definition(1, Collections.nCopies(Lists.LEVELS, level), Map.of());
    }

    private void objects() {
        caption("tables", "Table #", "Lamps and Sums");
        table(4000, PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE));
        tableNote();
        text(
                line -> line.text("The keepers count by night, as Table 1 and Figure 1 show.")
                        .note(Story.Kind.FOOTNOTE, RAISED, note -> note.paragraph(this::note))
                        .text(" "),
                PROSE);
        boolean above = guide.ask("figures.place").find(FigureDemands.CAPTION) == FigureDemands.Side.ABOVE;
        if (above) {
            caption("figures", "Figure #.", "The Lamp on the North Quay");
        }
        out.paragraph(line -> line.picture("word/media/lamp.png", 2_000_000, 1_000_000, "a lamp on a quay"));
        if (!above) {
            caption("figures", "Figure #.", "The lamp on the north quay");
        }
    }

    /** The first number and the title of a table or a figure, in the form the guide asks for. */
    private void caption(String station, String usual, String title) {
        boolean table = station.equals("tables");
        CaptionForm number = guide.ask(station + ".number").find(table ? TableDemands.NUMBER : FigureDemands.NUMBER);
        CaptionForm form = guide.ask(station + ".title").find(table ? TableDemands.TITLE : FigureDemands.TITLE);
        String label = (number == null ? usual : number.words()).replace("#", "1");
        if (form != null && form.line() == CaptionForm.Line.SAME) {
            out.paragraph(line -> line.text(label, look(number)).text(" ").text(title, look(form)));
        } else {
            out.paragraph(line -> line.text(label, look(number)));
            out.paragraph(line -> line.text(title, look(form)));
        }
    }

    private void tableNote() {
        CaptionForm form = guide.ask("tables.note").find(TableDemands.NOTE);
        out.paragraph(line ->
                line.text(form == null ? "Source:" : form.words(), look(form)).text(" Counted by hand."));
    }

    private static PropertySet look(@Nullable CaptionForm form) {
        PropertySet look = form != null && form.bold() == Boldness.BOLD ? bold(true) : PLAIN;
        return form != null && form.slant() == Slant.ITALIC ? look.with(CharacterProperties.ITALIC, true) : look;
    }

    /** A table of two columns, ruled as most guides have it. */
    private void table(int width, PropertySet cells) {
        Border rule = new Border(4, 1, Colour.AUTO);
        out.table(table -> {
            table.columns(List.of(width, width))
                    .set(TableProperties.BORDER_TOP, rule)
                    .set(TableProperties.BORDER_BOTTOM, rule);
            table.row(row -> {
                for (String head : List.of("Quay", "Lamps")) {
                    row.cell(
                            format -> format.set(CellProperties.WIDTH, Width.twips(width))
                                    .set(CellProperties.BORDER_BOTTOM, rule),
                            blocks -> blocks.paragraph(line -> line.set(cells)
                                    .set(
                                            ParagraphProperties.ALIGNMENT,
                                            head.equals("Quay") ? Alignment.LEFT : Alignment.CENTRE)
                                    .text(head)));
                }
            });
            table.row(List.of(width, width), List.of("North", "14"), cells);
        });
    }

    /** A note in the form the guide asks for. */
    private void note(ParagraphBuilder line) {
        boolean formed = guide.ask("notes.first-line").isAsked();
        double lines = formed ? guide.ask("notes.spacing").get(NoteDemands.MULTIPLE) : 1;
        line.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(lines));
        if (formed) {
            line.set(ParagraphProperties.INDENT_FIRST_LINE, 720);
        }
        if (formed && guide.ask("notes.gap").get(NoteDemands.GAP) == Gap.ONE_LINE) {
            line.set(ParagraphProperties.SPACE_AFTER, 200);
        }
        line.noteSign(RAISED).text(" So Keel has it.", type("Times New Roman", 20));
    }

    private void sections() {
        out.endSection();
        out.section(section.build()).section(SectionProperties.PAGE_NUMBER_START, null);
        out.section(SectionProperties.PAGE_WIDTH, 15840)
                .section(SectionProperties.PAGE_HEIGHT, 12240)
                .section(SectionProperties.FIRST_PAGE_DIFFERS, null)
                .section(SectionProperties.LANDSCAPE, true);
        if (parted()) {
            out.header(Variant.DEFAULT, line -> {
                headLine(line, "", words(), true);
                line.set(ParagraphProperties.TAB_STOPS, stop(12960));
            });
        }
        caption("tables", "Table #", "Lamps and Sums by Quay, the Whole Year Through");
        table(6000, PLAIN);
        tableNote();
        out.endSection();
        out.section(section.build())
                .section(SectionProperties.PAGE_NUMBER_START, null)
                .section(SectionProperties.FIRST_PAGE_DIFFERS, null);
        if (parted()) {
            out.header(Variant.DEFAULT, line -> headLine(line, "", words(), true));
        }
        text(PROSE);
    }

    private void sources() {
        String label = guide.ask("sources.label").get(SourceDemands.WORDS).get(0);
        Boldness bold = guide.ask("sources.label").get(SourceDemands.BOLD);
        for (int i = 0; pushSources && i < 12; i++) {
            out.paragraph("");
        }
        out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            if (!pushSources && !runOnSources) {
                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
            }
            this.label.accept(line);
            line.text(sourcesLabel == null ? label : sourcesLabel, bold == Boldness.BOLD ? bold(true) : PLAIN);
        });
        boolean dated = label.equals("References");
        Runnable keel = () -> entry(
                "Keel, J. R." + (dated ? " (2016)." : ""),
                "Bells of the Northern Harbours and of the Islands That Lie before Them",
                dated ? "." : ", 2016.");
        Runnable verholt =
                () -> entry("Verholt, A." + (dated ? " (2004)." : ""), "The Weir Ledger", dated ? "." : ", 2004.");
        (upsideDown ? List.of(verholt, keel) : List.of(keel, verholt)).forEach(Runnable::run);
    }

    private void entry(String names, String title, String end) {
        boolean apart = guide.ask("sources.spacing").get(SourceDemands.GAP) == Gap.ONE_LINE;
        double lines = guide.ask("sources.spacing").get(SourceDemands.MULTIPLE);
        out.paragraph(line -> {
            line.set(ParagraphProperties.INDENT_LEFT, 720).set(ParagraphProperties.INDENT_FIRST_LINE, -720);
            line.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(lines));
            if (apart) {
                line.set(ParagraphProperties.SPACE_AFTER, 240);
            }
            entry.accept(line);
            line.text(names + " ").text(title, entryTitle).text(". Tidewrack Press" + end);
        });
    }

    private void appendix() {
        Boldness bold = guide.ask("appendices.label").isAsked()
                ? guide.ask("appendices.label").get(ClosingDemands.BOLD)
                : Boldness.BOLD;
        centred("Appendix", bold, true);
        centred("Questions for Lamp Keepers", bold, false);
        text(PROSE);
        for (String item : List.of("1. How long have you kept this lamp?", "2. Who kept it before you?")) {
            out.paragraph(item);
        }
        boolean centred = guide.ask("headings.form").isAsked()
                && guide.ask("headings.form").get(HeadingDemands.LEVELS).get(0).stand() == Stand.CENTRED;
        out.paragraph(line -> line.style("H1")
                .set(ParagraphProperties.ALIGNMENT, centred ? Alignment.CENTRE : Alignment.LEFT)
                .text("Second Round", bold(true)));
        text(PROSE);
    }
}
