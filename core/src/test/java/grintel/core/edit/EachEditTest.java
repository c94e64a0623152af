package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.approved.Approved;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.NumberFormat;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableProperties;
import grintel.core.paper.TextRange;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.random.Dump;
import grintel.core.specimen.Specimen;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What each edit does to one paper, line by line, and which of them cannot be made in one pass. */
class EachEditTest {
    private static final PropertySet PLAIN = PropertySet.empty();
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);
    private static final TableAddress TABLE = new TableAddress(Story.TEXT, 0);

    private static Paper paper() {
        return new PaperBuilder()
                .style(
                        "Normal",
                        "Normal",
                        Style.Kind.PARAGRAPH,
                        null,
                        PLAIN,
                        PropertySet.of(CharacterProperties.SIZE, 24))
                .style(
                        "Quote",
                        "Quote",
                        Style.Kind.PARAGRAPH,
                        "Normal",
                        PropertySet.of(ParagraphProperties.INDENT_LEFT, 720),
                        PLAIN)
                .style("Plain", "Plain", Style.Kind.CHARACTER, null, PLAIN, PLAIN)
                .style("Strong", "Strong", Style.Kind.CHARACTER, null, PLAIN, BOLD)
                .style("Header", "header", Style.Kind.PARAGRAPH, "Normal", PLAIN, PLAIN)
                .list(1, Specimen.bulleted())
                .header(Variant.DEFAULT, line -> line.text("Solvane ").pageNumber(PLAIN))
                .paragraph(line -> line.style("Normal")
                        .text("Lamps on the ")
                        .runStyle("Strong")
                        .text("Low", BOLD)
                        .runStyle(null)
                        .text(" Canal"))
                .paragraph(line -> line.text("The oil is dear")
                        .note(
                                Story.Kind.FOOTNOTE,
                                PLAIN,
                                note -> note.paragraph(p -> p.noteSign(PLAIN).text(" Verholt.")))
                        .text(" by night."))
                .paragraph(line -> line.set(ParagraphProperties.NUMBERING_ID, 1).text("wicks"))
                .table(List.of(2000, 3000), List.of(List.of("Quay", "n"), List.of("North", "14")), PLAIN)
                .paragraph(line -> line.picture("word/media/image1.png", 914400, 457200, "A lamp"))
                .endSection()
                .header(Variant.DEFAULT, line -> line.text("Solvane ").pageNumber(PLAIN))
                .comment("4", "Ilse Tamberg", "Really?")
                .paragraph(line -> line.edge(Inline.Edge.Kind.COMMENT_START, "4")
                        .text("The last word.")
                        .revision(Revision.INSERTED)
                        .text(" And one more.")
                        .revision(Revision.DELETED)
                        .text(" No more.")
                        .revision(Revision.NONE)
                        .edge(Inline.Edge.Kind.COMMENT_END, "4")
                        .edge(Inline.Edge.Kind.COMMENT, "4"))
                .build();
    }

    private static ParagraphAddress at(int index) {
        return ParagraphAddress.text(index);
    }

    private static TextRange range(int paragraph, int from, int to) {
        return new TextRange(at(paragraph), from, to);
    }

    private static MarginalContent header(List<Piece> left, List<Piece> centre, List<Piece> right) {
        return new MarginalContent(left, centre, right, 9360, "Times New Roman", 24);
    }

    /** One of each kind, and of those that do several things several. */
    private static Map<String, Edit> edits() {
        List<Piece> words = List.of(new Piece.Words("Solvane"));
        Map<String, Edit> out = new LinkedHashMap<>();
        out.put("style", new Edit.SetProperty(new Target.OfStyle("Quote"), ParagraphProperties.INDENT_LEFT, 1440));
        out.put("level", new Edit.SetProperty(new Target.OfListLevel(1, 0), ParagraphProperties.INDENT_LEFT, 1440));
        out.put(
                "paragraph",
                new Edit.SetProperty(new Target.OfParagraph(at(1)), ParagraphProperties.ALIGNMENT, Alignment.CENTRE));
        out.put("mark", new Edit.SetProperty(new Target.OfMark(at(1)), CharacterProperties.SIZE, 20));
        out.put("range", new Edit.SetProperty(new Target.OfRange(range(0, 3, 14)), CharacterProperties.ITALIC, true));
        out.put("own away", new Edit.SetProperty(new Target.OfRange(range(0, 0, 22)), CharacterProperties.BOLD, null));
        out.put("section", new Edit.SetProperty(new Target.OfSection(1), SectionProperties.MARGIN_LEFT, 1800));
        out.put("table", new Edit.SetProperty(new Target.OfTable(TABLE), TableProperties.INDENT, 100));
        out.put("row", new Edit.SetProperty(new Target.OfRow(TABLE, 0), RowProperties.REPEATS, true));
        out.put(
                "cell",
                new Edit.SetProperty(new Target.OfCell(TABLE, 1, 1), CellProperties.SHADING, new Colour(0xEEEEEE)));
        out.put(
                "style made",
                new Edit.CreateStyle(Style.of("Verse", "Verse", Style.Kind.PARAGRAPH, "Quote", false, PLAIN, PLAIN)));
        out.put("style applied", new Edit.ApplyStyle(at(1), "Quote"));
        out.put("character style", new Edit.ApplyCharacterStyle(range(0, 0, 5), "Strong"));
        out.put("no character style", new Edit.ApplyCharacterStyle(range(0, 13, 16), null));
        out.put("next style", new Edit.FollowStyle("Quote", "Normal"));
        out.put("numbers", new Edit.DefineLevel(1, 0, NumberFormat.DECIMAL, "%1.", "tab"));
        out.put("text", Edit.ReplaceText.words(range(0, 9, 16), "a Long"));
        out.put("nothing for text", Edit.ReplaceText.words(range(0, 0, 9), ""));
        out.put("moved text", new Edit.MoveText(range(1, 0, 4), 8));
        out.put(
                "paragraph before",
                new Edit.InsertParagraph(Position.before(at(1)), NewParagraph.of("Quote", PLAIN, "New")));
        out.put(
                "blocks after",
                new Edit.InsertBlocks(
                        Position.after(at(6)),
                        List.of(NewParagraph.of(null, PLAIN, "One"), NewParagraph.of(null, PLAIN, "Two"))));
        out.put("removed", new Edit.RemoveParagraph(at(2)));
        out.put("moved down", new Edit.MoveParagraphs(at(0), 2, Position.after(at(8))));
        out.put("moved up", new Edit.MoveParagraphs(at(2), 1, Position.before(at(0))));
        out.put("split", new Edit.SplitParagraph(at(0), 5, PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, 0)));
        out.put("joined", new Edit.JoinParagraphs(at(0), " "));
        out.put("apart", new Edit.SetApart(at(3), at(6), PropertySet.of(SectionProperties.LANDSCAPE, true)));
        out.put("columns", new Edit.SetColumns(TABLE, List.of(1000, 4000)));
        out.put("picture size", new Edit.ChangePicture(at(7), 0, new Edit.ChangePicture.Size(10, 20), null, true));
        out.put("picture words", new Edit.ChangePicture(at(7), 0, null, "Two lamps", false));
        out.put(
                "note",
                new Edit.InsertNote(at(0), 5, Story.Kind.ENDNOTE, List.of(NewParagraph.of(null, PLAIN, "Keel."))));
        out.put("note kind", new Edit.ChangeNoteKind(paper().notes().get(0).story()));
        out.put(
                "header of one",
                new Edit.WriteMarginal(0, Story.Kind.HEADER, Variant.DEFAULT, header(List.of(), List.of(), words)));
        out.put(
                "header in the middle",
                new Edit.WriteMarginal(0, Story.Kind.HEADER, Variant.DEFAULT, header(List.of(), words, List.of())));
        out.put(
                "header of three",
                new Edit.WriteMarginal(
                        1,
                        Story.Kind.HEADER,
                        Variant.DEFAULT,
                        header(words, List.of(new Piece.Value(Inline.Field.Kind.PAGE)), words)));
        out.put(
                "footer",
                new Edit.WriteMarginal(1, Story.Kind.FOOTER, Variant.FIRST, header(words, List.of(), List.of())));
        out.put(
                "no header",
                new Edit.WriteMarginal(0, Story.Kind.HEADER, Variant.DEFAULT, header(List.of(), List.of(), List.of())));
        out.put("header as before", new Edit.InheritMarginal(1, Story.Kind.HEADER, Variant.DEFAULT));
        out.put("changes", new Edit.SettleChanges(at(8)));
        out.put("comment", new Edit.RemoveComment("4"));
        out.put("even pages", new Edit.SetSetting(Edit.Setting.EVEN_PAGES_DIFFER, true));
        out.put("hyphenation", new Edit.SetSetting(Edit.Setting.HYPHENATION, true));
        out.put("file", new Edit.SetFileProperty(Edit.FileProperty.TITLE, "Lamps"));
        return out;
    }

    static Stream<String> names() {
        return edits().keySet().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("names")
    void changesThis(String name) {
        Paper before = paper();
        Edit edit = Objects.requireNonNull(edits().get(name));
        Paper after = PaperEditor.apply(before, List.of(edit));
        Approved.see(name);
        Approved.see(difference(Dump.of(before), Dump.of(after)));
        WordLedger ledger = WordLedger.of(before);
        ledger.changes(List.of(edit))
                .forEach(change -> Approved.see("words: " + change + (change.takesPictures() ? ", a picture" : "")));
        assertThat(ledger.after(List.of(edit)).isSameAs(WordLedger.of(after))).isTrue();
    }

    /** What goes and what comes, by the longest lines that stay in order; paragraphs without their numbers. */
    private static String difference(String before, String after) {
        List<String> were = lines(before);
        List<String> are = lines(after);
        int[][] alike = new int[were.size() + 1][are.size() + 1];
        for (int i = were.size() - 1; i >= 0; i--) {
            for (int j = are.size() - 1; j >= 0; j--) {
                alike[i][j] = were.get(i).equals(are.get(j))
                        ? alike[i + 1][j + 1] + 1
                        : Math.max(alike[i + 1][j], alike[i][j + 1]);
            }
        }
        StringBuilder out = new StringBuilder();
        int i = 0;
        int j = 0;
        while (i < were.size() || j < are.size()) {
            if (i < were.size() && j < are.size() && were.get(i).equals(are.get(j))) {
                i++;
                j++;
            } else if (j == are.size() || i < were.size() && alike[i + 1][j] >= alike[i][j + 1]) {
                out.append("- ").append(were.get(i++)).append('\n');
            } else {
                out.append("+ ").append(are.get(j++)).append('\n');
            }
        }
        return out.toString();
    }

    private static List<String> lines(String dump) {
        return dump.lines()
                .map(line -> line.strip().replaceFirst("^p\\d+ ", "p "))
                .toList();
    }

    @Test
    void theseCannotBeMadeInOnePass() {
        edits().forEach((name, first) -> {
            String clashing = edits().entrySet().stream()
                    .filter(other -> !together(first, other.getValue()))
                    .map(Map.Entry::getKey)
                    .collect(Collectors.joining(", "));
            Approved.see(name + ": " + clashing);
        });
        assertThat(together(edits().get("text"), edits().get("hyphenation"))).isTrue();
    }

    private static boolean together(Edit first, Edit second) {
        EditSet set = new EditSet();
        return set.add(List.of(first)) && set.add(List.of(second));
    }
}
