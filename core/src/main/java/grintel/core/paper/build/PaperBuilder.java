package grintel.core.paper.build;

import grintel.core.paper.Block;
import grintel.core.paper.Border;
import grintel.core.paper.Colour;
import grintel.core.paper.Comment;
import grintel.core.paper.DocumentProperties;
import grintel.core.paper.Lists;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.PaperResolver;
import grintel.core.paper.PaperSettings;
import grintel.core.paper.Property;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.StyleSheet;
import grintel.core.paper.TableProperties;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** Builds a paper. What it holds comes in the order in which it is added. */
public final class PaperBuilder {
    private static final Border LINE = new Border(4, 1, Colour.AUTO);

    private final List<Style> styles = new ArrayList<>();
    private final Map<Integer, Lists.Definition> lists = new LinkedHashMap<>();
    private final List<Comment> comments = new ArrayList<>();
    private final List<SectionDraft> sections = new ArrayList<>();
    private PropertySet paragraphDefaults = PropertySet.empty();
    private PropertySet characterDefaults = PropertySet.empty();
    private PaperSettings settings = PaperSettings.INITIAL;
    private DocumentProperties properties = DocumentProperties.NONE;
    private int headers;
    private int footers;

    public PaperBuilder() {
        sections.add(new SectionDraft());
    }

    // ---- the paper as a whole

    /** What holds where no style says anything. */
    public PaperBuilder defaults(PropertySet paragraph, PropertySet characters) {
        paragraphDefaults = paragraph;
        characterDefaults = characters;
        return this;
    }

    /** Adds a style; the first of its kind is the standard one. */
    public PaperBuilder style(
            String id,
            String name,
            Style.Kind kind,
            @Nullable String basedOn,
            PropertySet paragraph,
            PropertySet characters) {
        boolean first = styles.stream().noneMatch(each -> each.kind() == kind);
        return style(Style.of(id, name, kind, basedOn, first, paragraph, characters));
    }

    /** Adds a style. */
    public PaperBuilder style(Style style) {
        styles.add(style);
        return this;
    }

    /** Adds a list under the number by which paragraphs name it. */
    public PaperBuilder list(int number, Lists.Definition list) {
        lists.put(number, list);
        return this;
    }

    /** Changes what the file says of itself. */
    public PaperBuilder settings(UnaryOperator<PaperSettings> change) {
        settings = change.apply(settings);
        return this;
    }

    /** Sets the file's title and author. */
    public PaperBuilder properties(String title, String author) {
        properties = new DocumentProperties(title, author);
        return this;
    }

    /** Adds a comment, whose place paragraphs tell by its id. */
    public PaperBuilder comment(String id, String author, String text) {
        comments.add(new Comment(id, author, text));
        return this;
    }

    // ---- sections

    /** Sets a property of the section that is being filled. */
    public <T> PaperBuilder section(Property<T> property, T value) {
        current().direct = current().direct.with(property, value);
        return this;
    }

    /** Sets properties of the section that is being filled. */
    public PaperBuilder section(PropertySet direct) {
        current().direct = direct.over(current().direct);
        return this;
    }

    /** Gives the section a header of one line. */
    public PaperBuilder header(Marginals.Variant variant, Consumer<ParagraphBuilder> content) {
        return marginal(Story.Kind.HEADER, variant, blocks -> blocks.paragraph(content));
    }

    /** Gives the section a footer of one line. */
    public PaperBuilder footer(Marginals.Variant variant, Consumer<ParagraphBuilder> content) {
        return marginal(Story.Kind.FOOTER, variant, blocks -> blocks.paragraph(content));
    }

    /** Gives the section a header or a footer of any content. */
    public PaperBuilder marginal(Story.Kind kind, Marginals.Variant variant, Consumer<BlockList> content) {
        boolean header = kind == Story.Kind.HEADER;
        int number = header ? ++headers : ++footers;
        Story story = new Story(kind, "word/" + (header ? "header" : "footer") + number + ".xml");
        BlockList blocks = new BlockList();
        content.accept(blocks);
        (header ? current().headers : current().footers).put(variant, new MarginalDraft(story, blocks));
        return this;
    }

    /** Ends the section with the paragraph added last; the next one starts out saying nothing. */
    public PaperBuilder endSection() {
        current().blocks.endSection();
        sections.add(new SectionDraft());
        return this;
    }

    // ---- blocks

    /** Adds a paragraph. */
    public PaperBuilder paragraph(Consumer<ParagraphBuilder> content) {
        current().blocks.paragraph(content);
        return this;
    }

    /** Adds a paragraph of one run without formatting of its own. */
    public PaperBuilder paragraph(String text) {
        return paragraph(paragraph -> paragraph.text(text));
    }

    /** Adds a table. */
    public PaperBuilder table(Consumer<TableBuilder> content) {
        current().blocks.table(content);
        return this;
    }

    /**
     * Adds a plain table of texts with a line above, below and between its rows.
     *
     * @param widths of its columns in twips
     * @param paragraph what the paragraphs in its cells say
     */
    public PaperBuilder table(List<Integer> widths, List<List<String>> rows, PropertySet paragraph) {
        return table(table -> {
            table.columns(widths)
                    .set(TableProperties.BORDER_TOP, LINE)
                    .set(TableProperties.BORDER_BOTTOM, LINE)
                    .set(TableProperties.BORDER_INSIDE_ACROSS, LINE);
            rows.forEach(texts -> table.row(widths, texts, paragraph));
        });
    }

    private SectionDraft current() {
        return sections.get(sections.size() - 1);
    }

    /** The finished paper. */
    public Paper build() {
        StyleSheet sheet = new StyleSheet(paragraphDefaults, characterDefaults, styles);
        Lists allLists = new Lists(lists);
        Maker maker = new Maker(new PaperResolver(sheet, allLists, settings));
        List<Section> made = new ArrayList<>();
        Marginals headersSoFar = Marginals.NONE;
        Marginals footersSoFar = Marginals.NONE;
        Maker.StoryMaker text = maker.story(Story.TEXT);
        List<List<Block>> blocks =
                sections.stream().map(draft -> text.blocks(draft.blocks)).toList();
        for (SectionDraft draft : sections) {
            headersSoFar = marginals(draft.headers, headersSoFar, maker);
            footersSoFar = marginals(draft.footers, footersSoFar, maker);
            made.add(Section.of(made.size(), draft.direct, blocks.get(made.size()), headersSoFar, footersSoFar));
        }
        List<Note> notes = maker.notes();
        return new Paper(made, notes, sheet, allLists, settings, properties, comments, List.of());
    }

    private static Marginals marginals(Map<Marginals.Variant, MarginalDraft> own, Marginals before, Maker maker) {
        Map<Marginals.Variant, Marginals.Marginal> out = new EnumMap<>(Marginals.Variant.class);
        before.stories()
                .forEach(
                        (variant, each) -> out.put(variant, new Marginals.Marginal(each.story(), each.blocks(), true)));
        own.forEach((variant, draft) -> out.put(
                variant,
                new Marginals.Marginal(draft.story, maker.story(draft.story).blocks(draft.blocks), false)));
        return new Marginals(out);
    }

    private static final class SectionDraft {
        private final BlockList blocks = new BlockList();
        private final Map<Marginals.Variant, MarginalDraft> headers = new EnumMap<>(Marginals.Variant.class);
        private final Map<Marginals.Variant, MarginalDraft> footers = new EnumMap<>(Marginals.Variant.class);
        private PropertySet direct = PropertySet.empty();
    }

    private record MarginalDraft(Story story, BlockList blocks) {}
}
