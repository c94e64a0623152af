package grintel.core.rule;

import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Width;
import grintel.core.paper.build.TableBuilder;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Tables as students hand them in. A row has marks before its cells: {@code ^} a rule above, {@code _} one below, {@code r}
 * repeated on each page. A cell may say that it spans columns ({@code 2*}), goes on from above ({@code "}), and how it
 * stands ({@code <}, {@code =}, {@code >}); the first is at the left, the others are centred.
 */
class OddTablesTest {
    private static final Border RULE = new Border(4, 1, Colour.AUTO);
    private static final int WIDTH = 1500;

    static Stream<Arguments> tables() {
        return Stream.of(
                table(
                        "heads of two rows",
                        "^||2*Lamps|Oil",
                        "_|Quay|n|M|M",
                        "|North|14|2.31|1.02",
                        "_|South|12|3.04|1.10"),
                table("heads that go on from above", "^|Quay|2*Lamps", "_|\"|n|M", "|North|14|2.31", "_|South|12|3.04"),
                table("three rows of heads", "^|Quay|3*Lamps", "|\"|2*Old|New", "_|\"|n|M|n", "_|North|14|2.31|3"),
                table("heads that are repeated", "^r|Harbour|n", "_r|Quay|Lamps", "|North|14", "_|South|12"),
                table("nothing but repeated heads", "^r|Quay|n", "_r|North|14"),
                table(
                        "panels",
                        "^_|Quay|n|M",
                        "|Autumn",
                        "|North|14|2.31",
                        "^|Winter",
                        "|North|12|3.04",
                        "_|South|9|1.25"),
                table("a total", "^_|Quay|n|M", "|North|14|2.31", "|South|12|3.04", "^_|Total|26|2.70"),
                table("a rule over what is no total", "^_|Quay|n", "|North|14", "^|South|12", "_|Total|26"),
                table("a rule under a total only", "^_|Quay|n", "|North|14", "|Total|26", "_^|Mean|13"),
                table("numbers at the left", "^_|Quay|n|M", "|North|<14|<2.31", "_|South|<9|<13.04"),
                table("numbers at the right", "^_|Quay|n|M", "|North|>14|>2.31", "_|South|>9|>13.04"),
                table("numbers out of line", "^_|Quay|n|M", "|North|14|2.31", "_|South|9|113.042"),
                table("one number in a column", "^_|Quay|n", "|North|14", "_|South|none"),
                table(
                        "words in the middle and at the right",
                        "^_|Quay|Keeper|Oil",
                        "|North|Ansa Verholt|>yes",
                        "_|South|Marit|>no"),
                table("stubs in the middle and at the right", "^_|=Quay|n", "|=North|14", "_|>South|12"),
                table("heads at the edges", "^_|>Quay|<n|>M", "|North|14|2.31", "_|South|12|3.04"),
                table("empty cells and dashes", "^_|Quay|n|M", "|North||2.31", "|South|–|3.04", "_||12|"),
                table(
                        "probabilities",
                        "^_|Quay|n|p",
                        "|A|1|.02417",
                        "|B|2|.3",
                        "|C|3|0.0002",
                        "|D|4|1",
                        "|E|5|.000",
                        "|F|6|< .001",
                        "|G|7|.9996",
                        "|H|8|.05",
                        "|I|9|.0010",
                        "_|J|9|> .99"),
                table("shares", "^_|Quay|r|d", "|North|0.31|0.50", "|South|-0.42|1.20", "_|East|.9|.05"),
                table("decimals", "^_|Quay|n|M|SD", "|North|14|2.3|.92", "|South|12|3.04|.8", "_|East|9|1.25|.771"),
                table(
                        "symbols spelled out",
                        "^_|Quay|N|Mean|Std. Deviation|Sig.",
                        "|North|14|2.31|.92|.03",
                        "_|South|12|3.04|.81|.20"),
                table("stars and letters", "^_|Quay|M|r", "|North|2.31*|.31**", "_|South|3.04a|.28"),
                table(
                        "signs before probabilities",
                        "^_|Quay|n|p",
                        "|A|1|< .0005",
                        "|B|2|< .05",
                        "|C|3|> .9995",
                        "|D|4|< 0.0001",
                        "_|E|5|= .0312"),
                table(
                        "words wider than the sheet",
                        "^_|Quay|Name|n",
                        "|North|" + "lamp".repeat(30) + "|1",
                        "_|South|" + "oil".repeat(10) + "|" + "wick".repeat(20)),
                table("one row", "^_|Quay|n|M"),
                table("one column", "^_|Quay", "|North", "_|South"),
                table("prose in cells", "^_|Quay|What is said of it", "_|North|" + Specimen.PROSE));
    }

    private static Arguments table(String name, String... rows) {
        return Arguments.of(name, List.of(rows));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tables")
    void areReadAndPutRight(String name, List<String> rows) {
        Specimen specimen = Specimen.of("apa-7-student", Content.NOTHING);
        specimen.between = paper -> paper.paragraph(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                        .text("They are counted in Table 1. " + Specimen.PROSE))
                .paragraph(line -> line.text("Table 1", PropertySet.of(CharacterProperties.BOLD, true)))
                .paragraph(line -> line.text("Lamps by Quay", PropertySet.of(CharacterProperties.ITALIC, true)))
                .table(table -> lay(rows, table));
        new OddCase(specimen.brief(), "tables").see(specimen.build());
    }

    private static void lay(List<String> rows, TableBuilder table) {
        int columns = rows.stream()
                .mapToInt(row -> row.split("\\|", -1).length - 1)
                .max()
                .orElse(1);
        table.columns(Collections.nCopies(columns, WIDTH));
        for (String row : rows) {
            String marks = row.substring(0, row.indexOf('|'));
            String[] cells = row.substring(row.indexOf('|') + 1).split("\\|", -1);
            table.row(out -> {
                out.set(RowProperties.REPEATS, marks.contains("r"));
                for (String cell : cells) {
                    lay(cell, marks, out.isEmpty(), out);
                }
            });
        }
    }

    private static void lay(String said, String marks, boolean stub, TableBuilder.RowBuilder row) {
        boolean spans = said.startsWith("2*") || said.startsWith("3*");
        int span = spans ? said.charAt(0) - '0' : 1;
        String rest = spans ? said.substring(2) : said;
        boolean goesOn = rest.equals("\"");
        int side = rest.isEmpty() ? -1 : "<=>".indexOf(rest.charAt(0));
        boolean told = side >= 0 && !rest.startsWith("< .") && !rest.startsWith("> .");
        String words = goesOn ? "" : told ? rest.substring(1) : rest;
        Alignment alignment = told
                ? List.of(Alignment.LEFT, Alignment.CENTRE, Alignment.RIGHT).get(side)
                : stub ? Alignment.LEFT : Alignment.CENTRE;
        row.cell(
                format -> {
                    format.set(CellProperties.WIDTH, Width.twips(WIDTH * span)).set(CellProperties.SPAN, span);
                    format.set(CellProperties.CONTINUES_ABOVE, goesOn);
                    format.set(CellProperties.BORDER_TOP, marks.contains("^") ? RULE : Border.NONE);
                    format.set(CellProperties.BORDER_BOTTOM, marks.contains("_") ? RULE : Border.NONE);
                },
                blocks -> blocks.paragraph(line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                        .set(ParagraphProperties.ALIGNMENT, alignment)
                        .text(words)));
    }
}
