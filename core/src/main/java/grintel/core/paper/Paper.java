package grintel.core.paper;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A paper, whole. */
public final class Paper {
    private final List<Section> sections;
    private final List<Note> notes;
    private final StyleSheet styles;
    private final Lists lists;
    private final PaperSettings settings;
    private final DocumentProperties properties;
    private final List<Comment> comments;
    private final List<String> oddities;
    private final List<Paragraph> paragraphs = new ArrayList<>();
    private final List<Paragraph> noteParagraphs = new ArrayList<>();
    private final Map<ParagraphAddress, Integer> noteIndexes = new HashMap<>();
    private final Map<Story, Marginals.Marginal> marginals = new LinkedHashMap<>();

    /**
     * A paper.
     *
     * @param notes footnotes in order of reference, then endnotes
     * @param oddities what was not understood and is carried along, a sentence each
     */
    public Paper(
            List<Section> sections,
            List<Note> notes,
            StyleSheet styles,
            Lists lists,
            PaperSettings settings,
            DocumentProperties properties,
            List<Comment> comments,
            List<String> oddities) {
        this.sections = List.copyOf(sections);
        this.notes = List.copyOf(notes);
        this.styles = styles;
        this.lists = lists;
        this.settings = settings;
        this.properties = properties;
        this.comments = List.copyOf(comments);
        this.oddities = List.copyOf(oddities);
        for (Section section : sections) {
            paragraphs.addAll(Blocks.paragraphs(section.blocks()));
            section.headers().stories().values().forEach(each -> marginals.putIfAbsent(each.story(), each));
            section.footers().stories().values().forEach(each -> marginals.putIfAbsent(each.story(), each));
        }
        for (Note note : notes) {
            for (Paragraph paragraph : note.paragraphs()) {
                noteIndexes.put(paragraph.address(), noteParagraphs.size());
                noteParagraphs.add(paragraph);
            }
        }
    }

    public List<Section> sections() {
        return sections;
    }

    /** The paragraphs of the text by their index. */
    public List<Paragraph> paragraphs() {
        return paragraphs;
    }

    /** Footnotes in order of reference, then endnotes. */
    public List<Note> notes() {
        return notes;
    }

    public StyleSheet styles() {
        return styles;
    }

    public Lists lists() {
        return lists;
    }

    public PaperSettings settings() {
        return settings;
    }

    public DocumentProperties properties() {
        return properties;
    }

    public List<Comment> comments() {
        return comments;
    }

    /** What was not understood and is carried along, a sentence each. */
    public List<String> oddities() {
        return oddities;
    }

    /** The headers and footers, each story once, in the order of the sections that show them first. */
    public List<Marginals.Marginal> marginals() {
        return List.copyOf(marginals.values());
    }

    /** The paragraphs of the headers and footers, each story once. */
    public List<Paragraph> marginalParagraphs() {
        return marginals.values().stream()
                .flatMap(each -> each.paragraphs().stream())
                .toList();
    }

    /** The paragraphs of the notes, counted on through all of them. */
    public List<Paragraph> noteParagraphs() {
        return noteParagraphs;
    }

    /** Place of a paragraph as places are told: in its story, but through all notes for those of notes. */
    public int placeIndex(ParagraphAddress address) {
        return address.story().kind().isNote() ? noteIndexes.getOrDefault(address, address.index()) : address.index();
    }

    /** The paragraph of an address in the text, a note, a header or a footer; null where there is none. */
    public @Nullable Paragraph find(ParagraphAddress address) {
        List<Paragraph> story = story(address.story());
        return address.index() < story.size() ? story.get(address.index()) : null;
    }

    /** The paragraphs of a story by their index; none where the paper has no such story. */
    public List<Paragraph> story(Story story) {
        return switch (story.kind()) {
            case TEXT -> paragraphs;
            case HEADER, FOOTER -> {
                Marginals.Marginal marginal = marginals.get(story);
                yield marginal == null ? List.of() : marginal.paragraphs();
            }
            case FOOTNOTE, ENDNOTE ->
                notes.stream()
                        .filter(note -> note.story().equals(story))
                        .findFirst()
                        .map(Note::paragraphs)
                        .orElse(List.of());
            case TEXT_BOX -> List.of();
        };
    }

    /** The text of other files that stands in the text, in order. */
    public List<EmbeddedText> embedded() {
        return sections.stream()
                .flatMap(section -> Blocks.embedded(section.blocks()).stream())
                .toList();
    }

    /** The tables of the text, those inside tables included, by their index. */
    public List<Table> tables() {
        List<Table> out = new ArrayList<>();
        sections.forEach(section -> Blocks.collectTables(section.blocks(), out));
        return out;
    }

    /** The paragraphs in which bookmarks start, by their names; of several with one name the first counts. */
    public Map<String, ParagraphAddress> bookmarks() {
        Map<String, ParagraphAddress> out = new HashMap<>();
        for (List<Paragraph> story : List.of(paragraphs, noteParagraphs)) {
            for (Paragraph paragraph : story) {
                for (Inline inline : paragraph.inlines()) {
                    if (inline instanceof Inline.Edge edge && edge.kind() == Inline.Edge.Kind.BOOKMARK_START) {
                        out.putIfAbsent(edge.name(), paragraph.address());
                    }
                }
            }
        }
        return out;
    }

    /** How many pieces of text tracked changes inserted or deleted. */
    public int trackedChanges() {
        int changes = 0;
        for (List<Paragraph> story : List.of(paragraphs, noteParagraphs, marginalParagraphs())) {
            for (Paragraph paragraph : story) {
                changes += paragraph.markRevision() == Revision.NONE ? 0 : 1;
                Run last = null;
                for (Inline inline : paragraph.inlines()) {
                    boolean counts = inline.run().revision() != Revision.NONE
                            && !inline.run().equals(last);
                    changes += counts ? 1 : 0;
                    last = inline.run();
                }
            }
        }
        return changes;
    }

    /** Words of the text, what is embedded in it, and the notes: runs without white space that hold a letter or a digit. */
    public int words() {
        int words = words(paragraphs) + words(noteParagraphs);
        for (EmbeddedText embedded : embedded()) {
            words += words(embedded.paragraphs());
        }
        return words;
    }

    private static int words(List<Paragraph> story) {
        return story.stream().mapToInt(each -> Words.count(each.text())).sum();
    }

    @Override
    public boolean equals(@Nullable Object other) {
        return other instanceof Paper paper
                && sections.equals(paper.sections)
                && notes.equals(paper.notes)
                && styles.equals(paper.styles)
                && lists.equals(paper.lists)
                && settings.equals(paper.settings)
                && properties.equals(paper.properties)
                && comments.equals(paper.comments)
                && oddities.equals(paper.oddities);
    }

    @Override
    public int hashCode() {
        return Objects.hash(sections.size(), notes.size(), properties);
    }
}
