package grintel.core.paper;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A paper, whole. Build one with {@link #of}.
 *
 * @param paragraphs the paragraphs of the text by their index
 * @param notes footnotes in order of reference, then endnotes
 * @param insertedRuns how many runs stand in tracked insertions, read as accepted
 * @param deletedRuns how many runs were left out as tracked deletions
 * @param bookmarks the paragraphs in which bookmarks start, by their names
 * @param oddities what was not understood and is carried along, a sentence each
 */
public record Paper(
        List<Section> sections,
        List<Paragraph> paragraphs,
        List<Note> notes,
        StyleSheet styles,
        PaperSettings settings,
        DocumentProperties properties,
        int comments,
        int insertedRuns,
        int deletedRuns,
        Map<String, ParagraphAddress> bookmarks,
        List<String> oddities) {
    public Paper {
        sections = List.copyOf(sections);
        paragraphs = List.copyOf(paragraphs);
        notes = List.copyOf(notes);
        bookmarks = Map.copyOf(bookmarks);
        oddities = List.copyOf(oddities);
    }

    /** A paper of these sections and notes, without comments, changes or oddities. */
    public static Paper of(List<Section> sections, List<Note> notes, StyleSheet styles, PaperSettings settings) {
        return new Paper(
                sections,
                textOf(sections),
                notes,
                styles,
                settings,
                DocumentProperties.NONE,
                0,
                0,
                0,
                Map.of(),
                List.of());
    }

    /** The paragraphs of all sections in document order. */
    public static List<Paragraph> textOf(List<Section> sections) {
        List<Paragraph> all = new ArrayList<>();
        for (Section section : sections) {
            all.addAll(Blocks.paragraphs(section.blocks()));
        }
        return all;
    }

    /** The paragraphs of the headers and footers, each story once. */
    public List<Paragraph> marginalParagraphs() {
        Map<Story, List<Paragraph>> stories = new LinkedHashMap<>();
        for (Section section : sections) {
            for (Marginals marginals : List.of(section.headers(), section.footers())) {
                marginals.stories().values().forEach(each -> stories.putIfAbsent(each.story(), each.paragraphs()));
            }
        }
        return stories.values().stream().flatMap(List::stream).toList();
    }

    /** The paragraphs of the notes, counted on through all of them. */
    public List<Paragraph> noteParagraphs() {
        return notes.stream().flatMap(note -> note.paragraphs().stream()).toList();
    }

    /** Words of the text and the notes: runs without white space that hold a letter or a digit. */
    public int words() {
        int words = 0;
        for (Paragraph paragraph : paragraphs) {
            words += Words.count(paragraph.text());
        }
        for (Paragraph paragraph : noteParagraphs()) {
            words += Words.count(paragraph.text());
        }
        return words;
    }
}
