package grintel.core.random;

import grintel.core.paper.Anchor;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.ListLevel;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TabPosition;
import grintel.core.paper.TabStops;
import grintel.core.paper.TableCondition;
import grintel.core.paper.TableLayer;
import grintel.core.paper.TableProperties;
import grintel.core.paper.build.BlockList;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import grintel.core.paper.build.TableBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;

/** Papers made by chance that hold one of everything a paper can hold. */
public final class RandomPaper {
    /** The image that pictures show. */
    public static final String IMAGE = "word/media/image1.png";

    private static final String[] WORDS = ("fog bells shift the evening feeding of wading birds, as keepers (so far)"
                    + " know; Tambérg’s “harbour” 1,204 counts – and &c. <mark> rests")
            .split(" ", -1);
    private static final long INCH = 914_400;
    private static final List<Property<?>> INDENTS = List.of(
            ParagraphProperties.INDENT_LEFT, ParagraphProperties.INDENT_RIGHT, ParagraphProperties.INDENT_FIRST_LINE);

    private final Random random;
    private int bookmarks;
    private int comments;

    private RandomPaper(Random random) {
        this.random = random;
    }

    /** The paper of a seed. */
    public static Paper of(long seed) {
        return new RandomPaper(new Random(seed)).make();
    }

    private Paper make() {
        PaperBuilder out = new PaperBuilder();
        out.defaults(paragraph(0.1), characters(0.1));
        out.settings(settings -> settings.withEvenPagesDiffer(random.nextBoolean())
                .withHyphenation(random.nextBoolean())
                .withGapsAdding(random.nextBoolean()));
        out.properties(words(3), words(2));
        styles(out);
        lists(out);
        int sections = 1 + random.nextInt(3);
        for (int i = 0; i < sections; i++) {
            section(out);
            for (int b = 0; b < 6; b++) {
                out.paragraph(each -> paragraph(each, true));
                if (random.nextInt(4) == 0) {
                    out.table(each -> table(each, 2));
                    out.paragraph(each -> paragraph(each, true));
                }
            }
            if (i < sections - 1) {
                out.endSection();
            }
        }
        for (int i = 0; i < comments; i++) {
            out.comment(Integer.toString(i), words(1), words(4));
        }
        return out.build();
    }

    private void styles(PaperBuilder out) {
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, paragraph(0.1), characters(0.1));
        out.style("Body", "Body Text", Style.Kind.PARAGRAPH, "Normal", paragraph(0.1), characters(0.1));
        out.style(Style.of("Head", "heading 1", Style.Kind.PARAGRAPH, "Normal", false, paragraph(0.1), characters(0.1))
                .followedBy("Body"));
        out.style("Header", "header", Style.Kind.PARAGRAPH, "Normal", paragraph(0.05), characters(0.05));
        out.style("Plain", "Default", Style.Kind.CHARACTER, null, PropertySet.empty(), PropertySet.empty());
        out.style("Strong", "Strong", Style.Kind.CHARACTER, "Plain", PropertySet.empty(), characters(0.2));
        Map<TableCondition, TableLayer> layers = new EnumMap<>(TableCondition.class);
        for (TableCondition condition : TableCondition.values()) {
            if (condition == TableCondition.WHOLE || random.nextBoolean()) {
                layers.put(
                        condition,
                        new TableLayer(
                                condition == TableCondition.WHOLE ? PropertySet.empty() : paragraph(0.1),
                                condition == TableCondition.WHOLE ? PropertySet.empty() : characters(0.1),
                                condition == TableCondition.WHOLE
                                        ? RandomValues.some(TableProperties.ALL, 0.2, random)
                                        : PropertySet.empty(),
                                PropertySet.empty(),
                                RandomValues.some(borders(), 0.4, random)));
            }
        }
        PropertySet wholeParagraph = layers.get(TableCondition.WHOLE).paragraph();
        out.style(new Style(
                "Grid",
                "Table Grid",
                Style.Kind.TABLE,
                null,
                null,
                null,
                true,
                wholeParagraph,
                layers.get(TableCondition.WHOLE).character(),
                layers));
    }

    private static List<Property<?>> borders() {
        return CellProperties.ALL.stream()
                .filter(each -> each.name().startsWith("border"))
                .toList();
    }

    private void lists(PaperBuilder out) {
        List<ListLevel> levels = new ArrayList<>(Collections.nCopies(Lists.LEVELS, ListLevel.EMPTY));
        for (int i = 0; i < 3; i++) {
            levels.set(
                    i,
                    new ListLevel(
                            1 + random.nextInt(3),
                            RandomValues.pick(
                                    List.of(NumberFormat.DECIMAL, NumberFormat.LOWER_LETTER, NumberFormat.BULLET),
                                    random),
                            "%" + (i + 1) + ".",
                            RandomValues.pick(List.of("tab", "space", "nothing"), random),
                            "",
                            RandomValues.some(INDENTS, 0.5, random),
                            characters(0.05)));
        }
        out.list(1, new Lists.Definition(7, levels, Map.of()));
        out.list(2, new Lists.Definition(7, levels, Map.of(0, 5)));
    }

    private void section(PaperBuilder out) {
        out.section(RandomValues.some(SectionProperties.ALL, 0.3, random));
        for (Story.Kind kind : List.of(Story.Kind.HEADER, Story.Kind.FOOTER)) {
            for (Marginals.Variant variant : Marginals.Variant.values()) {
                if (random.nextInt(3) == 0) {
                    out.marginal(kind, variant, blocks -> {
                        blocks.paragraph(line -> line.style("Header")
                                .text(words(2))
                                .tab()
                                .field(Inline.Field.Kind.PAGE, "1", characters(0.1)));
                        if (random.nextBoolean()) {
                            blocks.paragraph(line -> line.picture(IMAGE, INCH, INCH / 2, "a crest"));
                        }
                    });
                }
            }
        }
    }

    private void table(TableBuilder table, int depth) {
        table.columns(List.of(2000, 3000, 2500)).style("Grid");
        RandomValues.some(TableProperties.ALL, 0.2, random)
                .said(TableProperties.ALL)
                .forEach(property -> set(table, property));
        for (int r = 0; r < 1 + random.nextInt(4); r++) {
            table.row(row -> {
                for (Property<?> property : RowProperties.ALL) {
                    if (random.nextInt(6) == 0) {
                        set(row, property);
                    }
                }
                for (int c = 0; c < 3; c++) {
                    row.cell(
                            format -> RandomValues.some(cellProperties(), 0.15, random)
                                    .said(CellProperties.ALL)
                                    .forEach(property -> set(format, property)),
                            blocks -> cell(blocks, depth));
                }
            });
        }
    }

    /** A cell itself has no inside. */
    private static List<Property<?>> cellProperties() {
        return CellProperties.ALL.stream()
                .filter(each -> !each.name().contains("inside"))
                .toList();
    }

    private void cell(BlockList blocks, int depth) {
        if (depth > 1 && random.nextInt(6) == 0) {
            blocks.table(inner -> table(inner, depth - 1));
        }
        blocks.paragraph(each -> paragraph(each, false));
        if (random.nextInt(4) == 0) {
            blocks.paragraph(each -> paragraph(each, false));
        }
    }

    private <T> void set(TableBuilder table, Property<T> property) {
        table.set(property, property.cast(RandomValues.of(property, random)));
    }

    private <T> void set(TableBuilder.RowBuilder row, Property<T> property) {
        row.set(property, property.cast(RandomValues.of(property, random)));
    }

    private <T> void set(PropertySet.Builder out, Property<T> property) {
        out.set(property, property.cast(RandomValues.of(property, random)));
    }

    // ---- paragraphs

    private void paragraph(ParagraphBuilder out, boolean withNotes) {
        if (random.nextInt(3) == 0) {
            out.style(RandomValues.pick(List.of("Body", "Head"), random));
        }
        out.set(paragraph(0.06)).mark(characters(0.05));
        if (random.nextInt(12) == 0) {
            out.markRevision(Revision.INSERTED);
        }
        int pieces = random.nextInt(8);
        for (int i = 0; i < pieces; i++) {
            piece(out, withNotes);
        }
    }

    private void piece(ParagraphBuilder out, boolean withNotes) {
        switch (random.nextInt(withNotes ? 20 : 12)) {
            case 0 -> out.tab();
            case 1 -> out.lineBreak();
            case 2 ->
                out.link("https://brackwater.example/fog?a=1&b=2")
                        .text(words(2))
                        .link("");
            case 3 -> out.link("#there").text(words(1), characters(0.1)).link("");
            case 4 -> out.runStyle("Strong").text(words(2)).runStyle(null);
            case 5 -> out.revision(Revision.DELETED).text(words(2)).revision(Revision.NONE);
            case 6 -> out.revision(Revision.INSERTED).text(words(2)).revision(Revision.NONE);
            case 7 -> {
                String name = "place" + bookmarks++;
                out.edge(Inline.Edge.Kind.BOOKMARK_START, name)
                        .text(words(2))
                        .edge(Inline.Edge.Kind.BOOKMARK_END, name);
            }
            case 12 ->
                out.note(
                        random.nextBoolean() ? Story.Kind.FOOTNOTE : Story.Kind.ENDNOTE,
                        characters(0.1),
                        note -> note.paragraph(line ->
                                        line.noteSign(PropertySet.empty()).text(" " + words(6)))
                                .paragraph(words(3)));
            case 13 -> out.picture(IMAGE, INCH * 2, INCH, "a bell at dusk");
            case 14 -> out.picture(IMAGE, INCH, INCH, anchor(), "beside");
            case 15 -> out.box(INCH * 2, INCH, anchor(), blocks -> blocks.paragraph(each -> paragraph(each, false)));
            case 16 -> out.tab(new TabPosition(TabStops.Kind.RIGHT, random.nextBoolean(), TabStops.Leader.DOTS));
            case 17 -> {
                String id = Integer.toString(comments++);
                out.edge(Inline.Edge.Kind.COMMENT_START, id)
                        .text(words(2))
                        .edge(Inline.Edge.Kind.COMMENT_END, id)
                        .edge(Inline.Edge.Kind.COMMENT, id);
            }
            case 18 -> out.pageBreak();
            case 19 -> out.field(Inline.Field.Kind.PAGE_COUNT, "9", characters(0.1));
            default -> out.text(words(1 + random.nextInt(9)) + " ", characters(0.06));
        }
    }

    private Anchor anchor() {
        return new Anchor(
                RandomValues.pick(List.of(Anchor.Wrap.values()), random),
                Anchor.Axis.aligned(Anchor.Reference.MARGINS, Anchor.Alignment.END),
                Anchor.Axis.offset(Anchor.Reference.TEXT, random.nextInt(200_000)),
                new Anchor.Distances(0, 100, 0, 100));
    }

    private PropertySet paragraph(double chance) {
        return RandomValues.some(ParagraphProperties.ALL, chance, random);
    }

    private PropertySet characters(double chance) {
        return RandomValues.some(CharacterProperties.ALL, chance, random);
    }

    private String words(int count) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < count; i++) {
            out.append(i == 0 ? "" : " ").append(WORDS[random.nextInt(WORDS.length)]);
        }
        return out.toString();
    }
}
