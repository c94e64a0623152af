package grintel.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Papers as students hand them in. Each line has marks before its words: {@code c} centred, {@code b} bold, {@code i}
 * italic, {@code u} underlined, {@code l} large, {@code p} on a new page, {@code q} set in, {@code T}, {@code S},
 * {@code 1} and {@code 2} in the style of a title, a subtitle, a heading. A line {@code #} is prose, one
 * marked {@code t} the cells of a table one under the other.
 */
class OddPapersTest {
    private static final PropertySet PLAIN = PropertySet.empty();
    private static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the weather and"
                    + " the price of oil before anyone has spoken a word about the town or the people in it at all.";
    private static final Map<Character, PropertySet> TYPES = Map.of(
            'b', PropertySet.of(CharacterProperties.BOLD, true),
            'i', PropertySet.of(CharacterProperties.ITALIC, true),
            'u', PropertySet.of(CharacterProperties.UNDERLINE, "single"),
            'l', PropertySet.of(CharacterProperties.SIZE, 36));
    private static final Map<Character, String> STYLES = Map.of('T', "Title", 'S', "Subtitle", '1', "H1", '2', "H2");

    /** A paper, and the kinds of its lines that matter most, in their order. */
    static Stream<Arguments> papers() {
        return Stream.of(
                paper(
                        "a title with a line under it",
                        "TITLE SUBTITLE",
                        "cb|Lamps on the Low Canal",
                        "c|A Study of Three Novels",
                        "#"),
                paper("a title that ends in a colon", "TITLE SUBTITLE", "c|Lamps:", "|A study of three novels", "#"),
                paper("a title and its author", "TITLE AUTHOR", "cl|Lamps on the Low Canal", "c|Marit Solvane", "#"),
                paper("a motto under the title", "TITLE EPIGRAPH", "cb|Lamps", "ci|The lamp comes first.", "#"),
                paper("a quoted motto", "TITLE EPIGRAPH", "c|Lamps on the Low Canal", "c|“The lamp comes first.”", "#"),
                paper("a section at once", "TITLE HEADING", "c|Lamps on the Low Canal", "c|Introduction", "#"),
                paper(
                        "styles of title and subtitle",
                        "TITLE SUBTITLE",
                        "T|Lamps",
                        "S|Three Novels",
                        "|Marit Solvane",
                        "#"),
                paper("a title at the margin", "TITLE", "b|Lamps on the Low Canal", "#", "#"),
                paper("a bold title under a name", "AUTHOR TITLE", "|Marit Solvane", "b|Lamps on the Low Canal", "#"),
                paper(
                        "heading lines without a date",
                        "AUTHOR TITLE",
                        "|Marit Solvane",
                        "|Dr. Ilse Tamberg",
                        "|LIT 214",
                        "|Lamps on the Low Canal",
                        "#"),
                paper("a name alone", "AUTHOR", "|Marit Solvane", "#", "#"),
                paper("a question for a title", "", "|Who lights the lamps?", "#", "#"),
                paper(
                        "an abstract of its own page",
                        "TITLE ABSTRACT_LABEL ABSTRACT_TEXT",
                        "c|Lamps on the Low Canal",
                        "c|Marit Solvane",
                        "c|LIT 214: Novels of the Canals",
                        "c|9 October 2026",
                        "pb|Abstract",
                        "#",
                        "|Keywords: lamps, canals",
                        "pc|Lamps on the Low Canal",
                        "#"),
                paper(
                        "an abstract under the title",
                        "TITLE ABSTRACT_LABEL ABSTRACT_TEXT KEYWORDS",
                        "c|Lamps on the Low Canal",
                        "b|Abstract",
                        "#",
                        "|Keywords: lamps, canals",
                        "b|Introduction",
                        "#"),
                paper(
                        "an abstract and nothing after",
                        "TITLE ABSTRACT_LABEL",
                        "c|Lamps on the Low Canal",
                        "c|Abstract"),
                paper(
                        "a title page of styles",
                        "TITLE AUTHOR INSTITUTION TITLE TITLE",
                        "cT|Lamps on the Low Canal",
                        "c|by",
                        "c|Marit Solvane",
                        "c|Brackwater College",
                        "pc|Lamps on the",
                        "c|Low Canal",
                        "#",
                        "#"),
                paper(
                        "a title page without centring",
                        "TITLE",
                        "l|Lamps on the Low Canal",
                        "|Marit Solvane",
                        "|Assignment 2",
                        "|9 October 2026",
                        "p1|Lamps",
                        "#"),
                paper(
                        "all in one size, nothing centred",
                        "",
                        "|Lamps on the Low Canal",
                        "|Assignment 2",
                        "|Marit Solvane",
                        "p1|The Hour",
                        "#"),
                paper(
                        "headings made by hand",
                        "TITLE HEADING HEADING",
                        "c|Lamps",
                        "#",
                        "b|1. The Hour",
                        "#",
                        "bi|1.1 The Price",
                        "#"),
                paper(
                        "headings in capitals",
                        "TITLE HEADING",
                        "cb|LAMPS",
                        "#",
                        "|THE HOUR OF THE LAMPS",
                        "#",
                        "u|The price of oil",
                        "#"),
                paper("everything in the style of a heading", "TITLE", "1|Lamps on the Low Canal", "1#", "1#", "1#"),
                paper(
                        "a table held by tabs",
                        "CAPTION_NUMBER GRID",
                        "c|Lamps",
                        "#",
                        "b|Table 1",
                        "i|Lamps by Quay",
                        "|Quay\tLamps",
                        "|North\t12",
                        "|South\t9",
                        "|Note. Counted by hand.",
                        "#"),
                paper(
                        "a table in one line with its title",
                        "CAPTION_NUMBER GRID",
                        "c|Lamps",
                        "#",
                        "|Table 1. Lamps by Quay",
                        "|Quay   Lamps",
                        "|North   12",
                        "|Source: the keepers.",
                        "#"),
                paper(
                        "a figure that is not there",
                        "CAPTION_NUMBER",
                        "c|Lamps",
                        "#",
                        "|Fig. 2 – The quay at night",
                        "#"),
                paper(
                        "a sentence about a table",
                        "",
                        "c|Lamps",
                        "#",
                        "|Table 1 shows the lamps by quay, and it shows them for each of the three years of the count.",
                        "#"),
                paper(
                        "verse between paragraphs",
                        "BLOCK_QUOTATION",
                        "c|Lamps",
                        "#",
                        "q|The lamp comes first",
                        "q|and then the water",
                        "|so the keeper says.",
                        "#"),
                paper(
                        "notes typed at the end",
                        "NOTES_LABEL NOTE",
                        "c|Lamps",
                        "#",
                        "c|Notes",
                        "|1. Verholt, Weir Ledger, 12.",
                        "|2. Ibid.",
                        "c|Works Cited",
                        "|Verholt, Ansa. The Weir Ledger. Tidewrack Press, 2004."),
                paper(
                        "sources without a label",
                        "ENTRY",
                        "c|Lamps",
                        "#",
                        "#",
                        "|Keel, J. R. (2016). Bells of the northern harbours. Tidewrack Press.",
                        "|Verholt, A. (2004). The weir ledger. Tidewrack Press."),
                paper(
                        "an appendix before the sources",
                        "APPENDIX_LABEL SOURCES_LABEL",
                        "c|Lamps",
                        "#",
                        "pc|Appendix A",
                        "c|The Keepers' List",
                        "#",
                        "pc|Bibliography",
                        "|Verholt, Ansa. The Weir Ledger. Tidewrack Press, 2004."),
                paper(
                        "a list of typed marks",
                        "LIST_ITEM",
                        "c|Lamps",
                        "#",
                        "|- oil by the quart",
                        "|- wicks by the dozen",
                        "|- glass",
                        "#"),
                paper("nothing but a line", "", "|Lamps"),
                paper(
                        "heading lines in a table",
                        "AUTHOR COURSE DATE TITLE",
                        "t|Marit Solvane;LIT 214: Novels;9 October 2026",
                        "c|Lamps",
                        "#",
                        "#"),
                paper("the whole paper in a table", "TITLE", "t|Lamps on the Low Canal;#;#;#"),
                paper(
                        "a box of words in the text",
                        "TITLE GRID",
                        "c|Lamps",
                        "#",
                        "t|Oil is dear.;Wicks are not.",
                        "#",
                        "#",
                        "#"),
                paper(
                        "facts that share a line",
                        "TITLE",
                        "|Marit Solvane, LIT 214, 9 October 2026",
                        "c|Lamps on the Low Canal",
                        "#"),
                paper(
                        "an institution, a department, a period",
                        "TITLE",
                        "c|Lamps on the Low Canal",
                        "c|Marit Solvane",
                        "c|Department of Letters, Brackwater College",
                        "c|Period 3, 9 October 2026",
                        "p#"),
                paper(
                        "two authors",
                        "TITLE AUTHOR AUTHOR",
                        "cb|Lamps on the Low Canal",
                        "c|Marit Solvane",
                        "c|Dorian Keel",
                        "c|Brackwater College",
                        "p#"),
                paper(
                        "a title page of nothing but a name and a course",
                        "AUTHOR COURSE",
                        "c|Marit Solvane",
                        "c|LIT 214: Novels of the Canals",
                        "pc|Lamps",
                        "#"),
                paper(
                        "a title over two lines",
                        "TITLE AUTHOR DATE",
                        "cb|Lamps on the Low Canal and",
                        "cb|the Price of Oil",
                        "c|Marit Solvane",
                        "c|9 October 2026",
                        "p#"),
                paper(
                        "a large title",
                        "TITLE AUTHOR",
                        "c|Brackwater College",
                        "cl|Lamps",
                        "c|Marit Solvane",
                        "c|Assignment 2",
                        "pc|Lamps",
                        "#"),
                paper(
                        "headings under the abstract",
                        "ABSTRACT_LABEL HEADING",
                        "c|Lamps",
                        "c|Marit Solvane",
                        "c|9 October 2026",
                        "pc|Abstract",
                        "#",
                        "b|Method",
                        "#"),
                paper(
                        "an abstract before a heading of its own page",
                        "ABSTRACT_LABEL TITLE",
                        "c|Lamps",
                        "c|Marit Solvane",
                        "c|9 October 2026",
                        "pc|Abstract",
                        "#",
                        "c|Lamps",
                        "#"),
                paper(
                        "a quotation set in by spaces",
                        "PARAGRAPH",
                        "c|Lamps",
                        "#",
                        "|     The lamp comes first and then the water and then the town, and nobody asks for the price of oil",
                        "|so the keeper says.",
                        "#"),
                paper(
                        "a quotation and where it is from",
                        "BLOCK_QUOTATION",
                        "c|Lamps",
                        "#",
                        "q#",
                        "q|(Verholt 40)",
                        "#"),
                paper("prose in the middle", "PARAGRAPH", "c|Lamps", "c#", "c#", "#"),
                paper(
                        "a heading that nothing follows",
                        "",
                        "c|Lamps",
                        "#",
                        "b|The Hour",
                        "b|The Price",
                        "#",
                        "b|The End"),
                paper(
                        "headings of two styles and one by hand",
                        "HEADING HEADING HEADING",
                        "c|Lamps",
                        "1|The Hour",
                        "#",
                        "2|The Price",
                        "#",
                        "b|The Oil",
                        "#"),
                paper(
                        "a caption far from its table",
                        "CAPTION_NUMBER",
                        "c|Lamps",
                        "#",
                        "|Table 1",
                        "#",
                        "#",
                        "t|Quay;n",
                        "#"),
                paper(
                        "a table with its note and its source",
                        "CAPTION_NUMBER CAPTION_NOTE",
                        "c|Lamps",
                        "#",
                        "|Table 1",
                        "|Lamps by Quay",
                        "t|Quay;n",
                        "|Note. By hand.",
                        "|a Without the ferry.",
                        "#"),
                paper("words in quotation marks", "", "|“Lamps!”", "#", "|“Who lit them?”", "#"),
                paper("blank lines before all", "TITLE", "|", "|", "c|Lamps on the Low Canal", "|", "#"));
    }

    private static Arguments paper(String name, String kinds, String... lines) {
        return Arguments.of(name, kinds, List.of(lines));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("papers")
    void areTakenForWhatTheyAre(String name, String kinds, List<String> lines) {
        PaperBuilder out = new PaperBuilder()
                .style(
                        "Normal",
                        "Normal",
                        Style.Kind.PARAGRAPH,
                        null,
                        PLAIN,
                        PropertySet.of(CharacterProperties.SIZE, 24))
                .style("Title", "Title", Style.Kind.PARAGRAPH, "Normal", PLAIN, PLAIN)
                .style("Subtitle", "Subtitle", Style.Kind.PARAGRAPH, "Normal", PLAIN, PLAIN)
                .style("H1", "heading 1", Style.Kind.PARAGRAPH, "Normal", level(0), TYPES.get('b'))
                .style("H2", "heading 2", Style.Kind.PARAGRAPH, "Normal", level(1), TYPES.get('b'));
        for (String line : lines) {
            if (line.startsWith("t|")) {
                List<List<String>> cells = Arrays.stream(line.substring(2).split(";"))
                        .map(cell -> List.of(cell.equals("#") ? PROSE : cell))
                        .toList();
                out.table(List.of(9000), cells, PLAIN);
            } else {
                out.paragraph(each -> lay(line, each));
            }
        }
        Parts parts = Outline.seen(out.build(), Corrections.NONE);
        List<String> found = Stream.iterate(0, i -> i + 1)
                .limit(parts.size())
                .map(i -> parts.kind(i).name())
                .toList();
        List<String> most =
                Arrays.stream(kinds.split(" ")).filter(kind -> !kind.isEmpty()).toList();
        assertThat(found).filteredOn(most::contains).containsSubsequence(most);
    }

    private static PropertySet level(int level) {
        return PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, level);
    }

    private static void lay(String line, ParagraphBuilder paragraph) {
        boolean prose = line.endsWith("#");
        int bar = prose ? line.length() - 1 : line.indexOf('|');
        PropertySet look = PLAIN;
        for (char mark : line.substring(0, bar).toCharArray()) {
            look = TYPES.getOrDefault(mark, PLAIN).over(look);
            String style = STYLES.get(mark);
            if (style != null) {
                paragraph.style(style);
            }
            switch (mark) {
                case 'c' -> paragraph.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
                case 'p' -> paragraph.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
                case 'q' -> paragraph.set(ParagraphProperties.INDENT_LEFT, 720);
                default -> {}
            }
        }
        String words = prose ? PROSE : line.substring(bar + 1);
        if (!words.isEmpty()) {
            paragraph.text(words, look);
        }
    }
}
