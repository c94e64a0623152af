package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CellProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.Table;
import grintel.core.paper.TableProperties;
import grintel.core.paper.Width;
import grintel.core.paper.build.TableBuilder;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Tables on pages. The measure is 6.5 in, the cells have margins of 5.4 pt at the sides. */
class TablesTest {
    private static final int MARGINS = 10_800;
    private final TestPaper paper = new TestPaper();

    private PlacedTable only(Consumer<TableBuilder> table) {
        return paper.table(table).proof().pages().get(0).tables().get(0);
    }

    private static List<Integer> widths(PlacedTable table) {
        return IntStream.range(1, table.edges().size())
                .map(i -> table.edges().get(i) - table.edges().get(i - 1))
                .boxed()
                .toList();
    }

    private static Consumer<TableBuilder> automatic(String... cells) {
        return table -> table.row(row -> TestPaper.cells(row, cells));
    }

    @Test
    void fixedColumnsHoldWhateverStandsInThem() {
        Consumer<TableBuilder> table =
                each -> TestPaper.fixed(each, 1440, 0).row(row -> TestPaper.cells(row, "m".repeat(40), "b"));
        assertThat(widths(only(table))).containsExactly(72_000, 6 * 72_000 - 36_000);
    }

    @Test
    void automaticColumnsAreAsWideAsTheirContent() {
        // Times New Roman 12: a 909, n 1024 of 2048 units.
        int first = (int) Math.ceil((909 + 1024) * 12_000 / 2048.0) + MARGINS;
        assertThat(widths(only(automatic("an", "a bell"))).get(0)).isEqualTo(first);
    }

    @Test
    void automaticColumnsShareTooLittleRoomAndKeepTheirLongestWord() {
        List<Integer> widths = widths(only(automatic("short", "many words in a row ".repeat(20))));
        assertThat(widths.get(0) + widths.get(1)).isBetween(468_000 - 1, 468_000 + 1);
        assertThat(paper.proof().pages().get(0).lines().get(0).text()).isEqualTo("short");
    }

    @Test
    void aTableAsWideAsHalfTheMeasureIsHalfTheMeasure() {
        Width half = new Width(Width.Kind.FIFTIETHS_OF_PER_CENT, 2500);
        PlacedTable placed =
                only(table -> table.set(TableProperties.WIDTH, half).row(row -> TestPaper.cells(row, "a", "b", "c")));
        assertThat(placed.edges().get(3) - placed.edges().get(0)).isEqualTo(234_000);
    }

    @Test
    void cellsGetTheWidthTheyAskForAndMoreForALongWord() {
        List<Integer> widths =
                widths(only(table -> table.row(List.of(2880, 300), List.of("a", "m".repeat(12)), PropertySet.empty())));
        assertThat(widths.get(0)).isEqualTo(144_000);
        assertThat(widths.get(1)).isGreaterThan(12 * 9_000);
    }

    @Test
    void headsStandAgainOnEachPageAndAreSaidToBeRepeated() {
        List<List<String>> rows = new ArrayList<>(List.of(List.of("Station", "Birds")));
        rows.addAll(Collections.nCopies(60, List.of("Arden Crossing", "12")));
        Proof proof = paper.table(rows, true).proof();
        assertThat(proof.pages()).hasSize(2);
        ProofLine again = proof.pages().get(1).lines().get(0);
        assertThat(again.text()).isEqualTo("Station");
        assertThat(again.repeated()).isTrue();
        assertThat(proof.pages().get(1).tables().get(0).number()).isZero();
    }

    @Test
    void aRowThatMayNotBreakGoesToTheNextPageWhole() {
        paper.paragraphs(44, "line", PropertySet.empty());
        paper.table(table -> TestPaper.fixed(table, 9360).row(row -> {
            row.set(RowProperties.STAYS_WHOLE, true);
            TestPaper.cells(row, "one\ntwo\nthree\nfour");
        }));
        Proof proof = paper.proof();
        assertThat(proof.pages().get(1).lines())
                .extracting(ProofLine::text)
                .containsExactly("one", "two", "three", "four");
    }

    @Test
    void aRowThatMayBreakIsCutBetweenItsLines() {
        paper.paragraphs(44, "line", PropertySet.empty());
        paper.table(
                table -> TestPaper.fixed(table, 9360).row(row -> TestPaper.cells(row, "one\ntwo\nthree\nfour\nfive")));
        Proof proof = paper.proof();
        assertThat(proof.pages().get(0).lines()).hasSize(46);
        assertThat(proof.pages().get(1).lines()).extracting(ProofLine::text).containsExactly("three", "four", "five");
        assertThat(proof.pages().get(1).fills()).anyMatch(fill -> fill.height() > fill.width());
    }

    @Test
    void aCaptionThatKeepsWithItsTableGoesWithTheFirstRow() {
        paper.paragraphs(46, "line", PropertySet.empty());
        paper.paragraph("Table 1", PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true));
        paper.table(List.of(List.of("a", "b")), false);
        assertThat(paper.proof().pages().get(1).lines())
                .extracting(ProofLine::text)
                .startsWith("Table 1", "a");
    }

    @Test
    void linesOfNeighbouringCellsAreDrawnOnTheirEdges() {
        ProofPage page =
                paper.table(List.of(List.of("a", "b")), false).proof().pages().get(0);
        assertThat(page.fills()).allMatch(fill -> fill.height() == 500 || fill.width() == 500);
        assertThat(page.fills()).anyMatch(fill -> fill.width() == 500 && fill.x() == 72_000 + 234_000 - 250);
    }

    @Test
    void mergedCellsShareTheirHeightAndHaveNoLineBetweenThem() {
        Consumer<TableBuilder> table = each -> TestPaper.fixed(each, 4000, 4000)
                .row(row -> TestPaper.cells(row, "one\ntwo\nthree", "a"))
                .row(row -> {
                    row.cell(
                            format -> format.set(CellProperties.CONTINUES_ABOVE, true), blocks -> blocks.paragraph(""));
                    TestPaper.cells(row, "b");
                });
        ProofPage page = paper.table(table)
                .paragraph("below", PropertySet.empty())
                .proof()
                .pages()
                .get(0);
        int line = page.lines().get(0).height();
        ProofLine below = page.lines().get(page.lines().size() - 1);
        assertThat(below.top() - page.lines().get(0).top()).isEqualTo(3 * line);
        assertThat(page.fills())
                .noneMatch(fill -> fill.width() > 150_000
                        && fill.x() < 100_000
                        && fill.y() > page.lines().get(0).top() + 1000
                        && fill.y() < below.top() - 1000);
    }

    @Test
    void contentStandsInTheMiddleOrAtTheFootOfAHigherCell() {
        Consumer<TableBuilder> table = each -> TestPaper.fixed(each, 4000, 4000).row(row -> {
            row.set(RowProperties.HEIGHT, 1440);
            TestPaper.cells(row, "top");
            row.cell(
                    format -> format.set(CellProperties.VERTICAL, Table.Vertical.BOTTOM),
                    blocks -> blocks.paragraph("foot"));
        });
        List<ProofLine> lines = paper.table(table).proof().pages().get(0).lines();
        assertThat(lines.get(1).top() + lines.get(1).height() - lines.get(0).top())
                .isEqualTo(72_000);
    }
}
