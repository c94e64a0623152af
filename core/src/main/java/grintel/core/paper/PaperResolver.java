package grintel.core.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Makes the paragraphs, runs and tables of a paper from what each says of itself: works out formatting, the numbers of
 * lists and the signs of notes. Text is made in document order, for numbers are counted on. Not for several threads.
 */
public final class PaperResolver {
    private final StyleSheet styles;
    private final Lists lists;
    private final PaperSettings settings;
    private final FormattingResolver formatting;
    private final Map<Object, ListCounter> counters = new HashMap<>();
    /** Signs of the notes called so far, in order; empty for one with a sign of its own. */
    private final Map<Story, String> signs = new LinkedHashMap<>();

    private final Map<Story.Kind, Integer> called = new HashMap<>();
    private final Map<Story, Integer> boxes = new HashMap<>();

    public PaperResolver(StyleSheet styles, Lists lists, PaperSettings settings) {
        this.styles = styles;
        this.lists = lists;
        this.settings = settings;
        this.formatting = new FormattingResolver(styles);
    }

    /** The style a paragraph has that names this one, or none. */
    public @Nullable Style paragraphStyle(@Nullable String id) {
        return styles.effective(id, Style.Kind.PARAGRAPH);
    }

    /**
     * A run in a paragraph.
     *
     * @param paragraph the paragraph's style, or null
     * @param style id of the character style it names, or null
     */
    public Run run(
            int number,
            @Nullable Style paragraph,
            TableLayers table,
            @Nullable String style,
            PropertySet direct,
            String link,
            Revision revision) {
        Style character = styles.effective(style, Style.Kind.CHARACTER);
        Formatting format = formatting.characters(paragraph, table, character, direct);
        return new Run(number, character, direct, format, link, revision);
    }

    /** The run of what no edit can name in a paragraph; it looks as the paragraph mark does. */
    public Run unnamedRun(ParagraphSource source, TableLayers table) {
        return run(-1, paragraphStyle(source.style()), table, null, source.mark(), "", Revision.NONE);
    }

    /** A paragraph of these inlines, counted on where it stands in a list. */
    public Paragraph paragraph(
            ParagraphAddress address,
            ParagraphSource source,
            boolean inTable,
            TableLayers table,
            List<Inline> inlines) {
        Style style = paragraphStyle(source.style());
        ListUse list = list(style, source.direct());
        Formatting format = formatting.paragraph(style, table, list == null ? null : list.layer, source.direct());
        Formatting mark = formatting.characters(style, table, null, source.mark());
        ListCounter counter = counters.computeIfAbsent(countedWith(address.story()), key -> new ListCounter(lists));
        return new Paragraph(
                address,
                style,
                source.direct(),
                format,
                source.mark(),
                mark,
                list == null ? null : label(counter, list, style, table, source.mark()),
                inlines,
                source.endsSection(),
                inTable,
                source.markRevision());
    }

    /** The looks of a table and of its cells. */
    public TableResolver table(@Nullable String style, PropertySet direct, int rows) {
        return new TableResolver(styles, style, direct, rows);
    }

    // ---- lists

    /** The list a paragraph belongs to, by itself or by its style; null for none. */
    private @Nullable ListUse list(@Nullable Style style, PropertySet direct) {
        Integer id = direct.get(ParagraphProperties.NUMBERING_ID);
        Integer level = direct.get(ParagraphProperties.NUMBERING_LEVEL);
        boolean own = id != null;
        if (id == null) {
            for (Style each : styles.chain(style)) {
                Integer ofStyle = each.paragraph().get(ParagraphProperties.NUMBERING_ID);
                if (ofStyle != null) {
                    id = ofStyle;
                    Integer said = each.paragraph().get(ParagraphProperties.NUMBERING_LEVEL);
                    level = level != null
                            ? level
                            : said != null ? said : Integer.valueOf(lists.levelOfStyle(ofStyle, each.id()));
                }
            }
        }
        int at = level == null ? 0 : level;
        ListLevel defined = id == null || id == 0 ? null : lists.level(id, at);
        if (id == null || defined == null) {
            return null;
        }
        FormattingResolver.ListLayer layer =
                new FormattingResolver.ListLayer(new Origin.Numbering(id, at), defined.paragraph(), own);
        return new ListUse(id, at, defined, layer);
    }

    /** What a story is counted together with: each header stands by itself, notes of a kind go on from one another. */
    private static Object countedWith(Story story) {
        return switch (story.kind()) {
            case HEADER, FOOTER -> story;
            case FOOTNOTE, ENDNOTE -> story.kind();
            case TEXT, TEXT_BOX -> Story.TEXT;
        };
    }

    private ListLabel label(
            ListCounter counter, ListUse list, @Nullable Style style, TableLayers table, PropertySet mark) {
        PropertySet own = list.defined.character().over(mark);
        return new ListLabel(
                counter.next(list.id, list.level),
                list.defined.suffix(),
                list.defined.format(),
                formatting.characters(style, table, null, own));
    }

    // ---- notes and boxes

    /**
     * Counts a note on at the place that calls it and gives its sign as it stands.
     *
     * @param ownSign whether the text itself gives the sign; such a note is not counted
     */
    public String callNote(Story note, boolean ownSign) {
        return signs.computeIfAbsent(
                note,
                key -> ownSign
                        ? ""
                        : settings.noteNumbers(note.kind()).format(called.merge(note.kind(), 1, Integer::sum)));
    }

    /** The sign of a note, empty for one that is not called, or calls itself by a sign of its own. */
    public String signOf(Story note) {
        return signs.getOrDefault(note, "");
    }

    /** The notes of a kind called so far, in order. */
    public List<Story> called(Story.Kind kind) {
        List<Story> out = new ArrayList<>();
        for (Story story : signs.keySet()) {
            if (story.kind() == kind) {
                out.add(story);
            }
        }
        return out;
    }

    /** The story of the next box of text in another story. */
    public Story nextBox(Story host) {
        int number = boxes.merge(host, 1, Integer::sum);
        String kind = host.kind().name().toLowerCase(Locale.ROOT);
        return new Story(Story.Kind.TEXT_BOX, kind + ":" + host.id() + ":" + number);
    }

    private record ListUse(int id, int level, ListLevel defined, FormattingResolver.ListLayer layer) {}
}
