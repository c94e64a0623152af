package grintel.core.rule;

import grintel.core.guide.Facts;
import grintel.core.guide.HouseRules;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * A correct little paper with faults laid into it. Paragraphs of the text are 5 to 7 in an MLA draft; what is added comes
 * after them, before the works cited.
 */
final class Draft {
    static final PropertySet ITALIC = PropertySet.of(CharacterProperties.ITALIC, true);
    static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);
    static final int FIRST_TEXT = 5;
    static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the"
                    + " weather and the price of oil before anyone has spoken a word about the town or the people in it at all.";

    private final PaperBuilder out = new PaperBuilder();
    private final List<Consumer<PaperBuilder>> additions = new ArrayList<>();
    private final List<Consumer<PaperBuilder>> sheet = new ArrayList<>();
    private @Nullable Consumer<PaperBuilder> header;
    private Consumer<ParagraphBuilder> firstText = paragraph -> {};
    private PropertySet defaults = PropertySet.empty();
    private PropertySet normalParagraph = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE);
    private PropertySet normalCharacters = type("Times New Roman", 24);
    private String guide = "mla-9";
    private @Nullable HouseRules house;
    private Facts facts = Facts.of("Solvane", "Lamps");
    private String label = "Works Cited";
    private final List<Consumer<ParagraphBuilder>> entries = new ArrayList<>(List.of(
            book("Keel, J. R.", "Bells of the North", "2016"), book("Verholt, Ansa.", "The Weir Ledger", "2004")));
    private Consumer<ParagraphBuilder> labelForm = line -> {};
    private boolean headingStyles;
    private boolean breakBeforeSources = true;
    private int blanksBeforeSources;

    /** A correct MLA paper. */
    static Draft mla() {
        Draft draft = new Draft();
        draft.header = builder -> builder.header(
                Marginals.Variant.DEFAULT,
                header -> header.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                        .set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()));
        return draft;
    }

    static PropertySet type(String face, int halfPoints) {
        return new PropertySet.Builder()
                .set(CharacterProperties.FACE, face)
                .set(CharacterProperties.FACE_HIGH_ANSI, face)
                .set(CharacterProperties.SIZE, halfPoints)
                .build();
    }

    Draft guide(String id) {
        guide = id;
        return this;
    }

    /** Rules the course asks for otherwise, such as {@code running-head.first-page: {first-page: none}}. */
    Draft house(String rules) {
        house = HouseRules.parse("house.yaml", "rules: {" + rules + "}");
        return this;
    }

    Draft facts(Facts known) {
        facts = known;
        return this;
    }

    /** Changes the section. */
    Draft sheet(Consumer<PaperBuilder> change) {
        sheet.add(change);
        return this;
    }

    /** Adds blocks after the text. */
    Draft add(Consumer<PaperBuilder> addition) {
        additions.add(addition);
        return this;
    }

    /** Adds a correct paragraph of text that is changed on top. */
    Draft text(Consumer<ParagraphBuilder> change) {
        return add(builder -> builder.paragraph(paragraph -> {
            paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, 720);
            change.accept(paragraph);
        }));
    }

    /** Defines the heading styles of a file, which say nothing of looks. */
    Draft headingStyles() {
        headingStyles = true;
        return this;
    }

    /** Adds a heading on its own line and a paragraph under it. */
    Draft heading(String style, Alignment alignment, String words, PropertySet type) {
        return add(builder -> builder.paragraph(line -> {
                    if (!style.isEmpty()) {
                        line.style(style);
                    }
                    line.set(ParagraphProperties.ALIGNMENT, alignment).text(words, type);
                }))
                .text(line -> line.text(PROSE));
    }

    /** Changes the first paragraph of the text before its words. */
    Draft firstText(Consumer<ParagraphBuilder> change) {
        firstText = change;
        return this;
    }

    Draft header(@Nullable Consumer<PaperBuilder> other) {
        header = other;
        return this;
    }

    /** Another header for every page. */
    Draft headerLine(Consumer<ParagraphBuilder> content) {
        return header(builder -> builder.header(Marginals.Variant.DEFAULT, content));
    }

    Draft defaults(PropertySet paragraph) {
        defaults = paragraph;
        return this;
    }

    Draft normal(PropertySet paragraph, PropertySet characters) {
        normalParagraph = paragraph;
        normalCharacters = characters;
        return this;
    }

    /** Pushes the works cited down in place of breaking before them. */
    Draft pushSources(int blanks) {
        breakBeforeSources = false;
        blanksBeforeSources = blanks;
        return this;
    }

    /** An entry of a book. */
    static Consumer<ParagraphBuilder> book(String names, String title, String year) {
        return line -> line.text(names + " ").text(title, ITALIC).text(". Low Water Press, " + year + ".");
    }

    /** Other entries under the label. */
    Draft entries(List<Consumer<ParagraphBuilder>> others) {
        entries.clear();
        entries.addAll(others);
        return this;
    }

    /** Another label over the list of sources. */
    Draft label(String words, Consumer<ParagraphBuilder> form) {
        label = words;
        labelForm = form;
        return this;
    }

    /** Leaves the list of sources out. */
    Draft withoutSources() {
        label = "";
        return this;
    }

    /** Lets the list of sources follow the text without a break. */
    Draft runOnSources() {
        breakBeforeSources = false;
        return this;
    }

    /** The rule on this draft. */
    RuleCase rule(String id) {
        return new RuleCase(id, guide, house, facts, build());
    }

    Paper build() {
        out.defaults(defaults, PropertySet.empty());
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, normalParagraph, normalCharacters);
        if (headingStyles) {
            for (int level = 1; level <= 3; level++) {
                PropertySet outline = PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, level - 1);
                out.style(
                        "H" + level, "heading " + level, Style.Kind.PARAGRAPH, "Normal", outline, PropertySet.empty());
            }
        }
        out.section(SectionProperties.PAGE_WIDTH, 12240).section(SectionProperties.PAGE_HEIGHT, 15840);
        out.section(SectionProperties.MARGIN_TOP, 1440)
                .section(SectionProperties.MARGIN_RIGHT, 1440)
                .section(SectionProperties.MARGIN_BOTTOM, 1440)
                .section(SectionProperties.MARGIN_LEFT, 1440)
                .section(SectionProperties.HEADER_DISTANCE, 720);
        if (header != null) {
            header.accept(out);
        }
        sheet.forEach(change -> change.accept(out));
        for (String line : List.of("Marit Solvane", "Dr. Ilse Tamberg", "Literature 214", "9 October 2026")) {
            out.paragraph(line);
        }
        out.paragraph(title ->
                title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text("Lamps on the Low Canal"));
        out.paragraph(paragraph -> {
            paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, 720);
            firstText.accept(paragraph);
            paragraph.text(PROSE);
        });
        for (int i = 0; i < 2; i++) {
            out.paragraph(paragraph ->
                    paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(PROSE));
        }
        additions.forEach(addition -> addition.accept(out));
        for (int i = 0; i < blanksBeforeSources; i++) {
            out.paragraph("");
        }
        if (!label.isEmpty()) {
            sources();
        }
        return out.properties("Lamps on the Low Canal", "Marit Solvane").build();
    }

    private void sources() {
        out.paragraph(line -> {
            line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            if (breakBeforeSources) {
                line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
            }
            labelForm.accept(line);
            line.text(label);
        });
        entries.forEach(entry -> out.paragraph(line -> {
            line.set(ParagraphProperties.INDENT_LEFT, 720).set(ParagraphProperties.INDENT_FIRST_LINE, -720);
            entry.accept(line);
        }));
    }
}
