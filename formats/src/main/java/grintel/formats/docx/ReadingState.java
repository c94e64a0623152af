package grintel.formats.docx;

import grintel.core.paper.FormattingResolver;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Story;
import grintel.core.paper.StyleSheet;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** What is shared, and counted on, while the stories of one file are read. */
final class ReadingState {
    private static final int MOST_ODDITIES = 50;
    private static final int MOST_BOOKMARKS = 20_000;

    final OpcPackage opc;
    final StyleSheet styles;
    final PropertyReader properties;
    final FormattingResolver resolver;
    final Numbering numbering;
    final FieldTracker fields = new FieldTracker();
    final Map<Story.Kind, NumberFormat> noteFormats;
    /** The elements of the table styles by their ids. */
    final Map<String, XmlElement> tableStyles;

    private final Map<Story, String> signs = new LinkedHashMap<>();
    private final Map<Story.Kind, Integer> counted = new LinkedHashMap<>();
    private final Map<String, ParagraphAddress> bookmarks = new LinkedHashMap<>();
    private final Set<String> oddities = new LinkedHashSet<>();
    int inserted;
    int deleted;

    ReadingState(
            OpcPackage opc,
            StyleSheet styles,
            PropertyReader properties,
            Numbering numbering,
            Map<Story.Kind, NumberFormat> noteFormats,
            Map<String, XmlElement> tableStyles) {
        this.opc = opc;
        this.styles = styles;
        this.properties = properties;
        this.resolver = new FormattingResolver(styles);
        this.numbering = numbering;
        this.noteFormats = noteFormats;
        this.tableStyles = tableStyles;
    }

    /** Counts a note on at its reference and gives its number as it stands. */
    String callNote(Story note) {
        return signs.computeIfAbsent(note, key -> {
            int number = counted.merge(note.kind(), 1, Integer::sum);
            return noteFormats.getOrDefault(note.kind(), NumberFormat.DECIMAL).format(number);
        });
    }

    String signOf(Story note) {
        return signs.getOrDefault(note, "");
    }

    /** The notes of a kind in order of reference. */
    List<Story> called(Story.Kind kind) {
        List<Story> out = new ArrayList<>();
        for (Story story : signs.keySet()) {
            if (story.kind() == kind) {
                out.add(story);
            }
        }
        return out;
    }

    /** Keeps where a bookmark starts; of several with one name the first counts. */
    void bookmark(String name, ParagraphAddress at) {
        if (bookmarks.size() < MOST_BOOKMARKS) {
            bookmarks.putIfAbsent(name, at);
        }
    }

    Map<String, ParagraphAddress> bookmarks() {
        return bookmarks;
    }

    void odd(String what) {
        if (oddities.size() < MOST_ODDITIES) {
            oddities.add(what);
        }
    }

    List<String> oddities() {
        return List.copyOf(oddities);
    }
}
