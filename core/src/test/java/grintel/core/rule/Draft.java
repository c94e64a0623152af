package grintel.core.rule;

import grintel.core.guide.Facts;
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
    private Facts facts = Facts.of("Solvane", "Lamps");
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

    /** The rule on this draft. */
    RuleCase rule(String id) {
        return new RuleCase(id, guide, facts, build());
    }

    Paper build() {
        out.defaults(defaults, PropertySet.empty());
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, normalParagraph, normalCharacters);
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
        out.paragraph(label -> {
            label.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            if (breakBeforeSources) {
                label.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
            }
            label.text("Works Cited");
        });
        out.paragraph(entry -> entry.set(ParagraphProperties.INDENT_LEFT, 720)
                .set(ParagraphProperties.INDENT_FIRST_LINE, -720)
                .text("Verholt, Ansa. The Weir Ledger. Low Water Press, 2004."));
        return out.build();
    }
}
