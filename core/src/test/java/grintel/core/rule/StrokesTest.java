package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What each station measures on a page: from where to where, where it should end, and what was found of it. Points. */
class StrokesTest {
    private static final String TITLE = "Lamps on the Low Canal";
    private static final String LONG = "Bells of the Northern Harbours and of the Islands before Them";

    @Test
    void theSheetItsMarginsColumnAndHeaderAsAsked() {
        assertThat(Draft.mla().rule("sheet.margins").strokes(1))
                .containsExactly(
                        "sheet across 0 to 612, between 792 and 720, read",
                        "sheet down 0 to 792, between 612 and 540, read",
                        "top down 0 to 72, between 72 and 540, read",
                        "right across 612 to 540, between 72 and 720, read",
                        "bottom down 792 to 720, between 72 and 540, read",
                        "left across 0 to 72, between 72 and 720, read",
                        "columns across 72 to 540, between 720 and 792, read",
                        "header down 0 to 36, between 72 and 0, read");
    }

    @Test
    void theAskedEdgesOfASheetThatIsOff() {
        List<String> strokes = Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_LEFT, 1800)
                        .section(SectionProperties.MARGIN_BOTTOM, 1152)
                        .section(SectionProperties.MARGIN_RIGHT, 1800)
                        .section(SectionProperties.MARGIN_TOP, 1728)
                        .section(SectionProperties.HEADER_DISTANCE, 576))
                .rule("sheet.margins")
                .strokes(1);
        assertThat(strokes)
                .contains(
                        "top down 0 to 86.4, asked 72, between 90 and 522, read",
                        "right across 612 to 522, asked 540, between 86.4 and 734.4, read",
                        "bottom down 792 to 734.4, asked 720, between 90 and 522, read",
                        "left across 0 to 90, asked 72, between 86.4 and 734.4, read",
                        "header down 0 to 28.8, asked 36, between 90 and 0, read");
    }

    @Test
    void eachColumnOfAPageButNotTheCellsOfATable() {
        List<String> columns = Draft.mla()
                .sheet(b -> b.section(SectionProperties.COLUMNS, 2).section(SectionProperties.COLUMN_GAP, 720))
                .text(line -> line.text(Draft.PROSE + Draft.PROSE + Draft.PROSE))
                .add(b -> b.table(List.of(2000, 1000), List.of(List.of("lamps", "oil")), PropertySet.empty()))
                .text(line -> line.text(Draft.PROSE + Draft.PROSE + Draft.PROSE))
                .rule("sheet.columns")
                .strokes(1)
                .stream()
                .filter(stroke -> stroke.startsWith("columns"))
                .toList();
        assertThat(columns)
                .containsExactly(
                        "columns across 72 to 288, between 720 and 792, read",
                        "columns across 324 to 540, between 720 and 792, read");
    }

    @Test
    void aMarginEndsWhereItIsSetToEvenWhereAHighHeaderMovesTheText() {
        List<String> strokes = Draft.mla()
                .sheet(b -> b.section(SectionProperties.MARGIN_TOP, 1000)
                        .header(
                                Marginals.Variant.DEFAULT,
                                line -> line.set(ParagraphProperties.SPACE_BEFORE, 900)
                                        .set(ParagraphProperties.ALIGNMENT, ParagraphProperties.Alignment.RIGHT)
                                        .text("Solvane ")
                                        .pageNumber(PropertySet.empty())))
                .rule("sheet.margins")
                .strokes(1);
        assertThat(strokes).anyMatch(stroke -> stroke.startsWith("top down 0 to 50, asked 72"));
    }

    @Test
    void whatStandsFreeOverAndUnderATable() {
        List<String> gaps = Draft.mla()
                .text(line -> line.set(ParagraphProperties.SPACE_AFTER, 240).text(Draft.PROSE))
                .add(b -> b.table(List.of(2000, 1000), List.of(List.of("lamps", "oil")), PropertySet.empty()))
                .text(line -> line.set(ParagraphProperties.SPACE_BEFORE, 360).text(Draft.PROSE))
                .rule("tables.width")
                .strokes(1)
                .stream()
                .filter(stroke -> stroke.startsWith("table-above") || stroke.startsWith("table-below"))
                .map(stroke -> stroke.replaceAll(", between.*", ""))
                .toList();
        assertThat(gaps).hasSize(2);
        assertThat(length(gaps.get(0))).isCloseTo(12, within(0.01));
        assertThat(length(gaps.get(1))).isCloseTo(18, within(0.01));
    }

    /** Points between the ends of a stroke. */
    private static double length(String stroke) {
        String[] ends = stroke.replaceAll(".* down ", "").split(" to ");
        return Double.parseDouble(ends[1]) - Double.parseDouble(ends[0]);
    }

    @Test
    void theFirstLinesOfAPageWhereNothingIsOff() {
        assertThat(Draft.mla().rule("spacing.line").strokes(1))
                .containsExactly(
                        "line down 220.683 to 248.281, between 72 and 0, read",
                        "first-line across 72 to 108, between 220.683 and 209.99, read");
        assertThat(Draft.mla().rule("spacing.line").strokes(2)).isEmpty();
    }

    @Test
    void theLinesThatAreOffAndWhereTheyShouldBe() {
        assertThat(Draft.mla()
                        .text(line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                .set(ParagraphProperties.SPACE_BEFORE, 160)
                                .set(ParagraphProperties.INDENT_FIRST_LINE, 360)
                                .text(Draft.PROSE))
                        .rule("spacing.line")
                        .strokes(1))
                .containsExactly(
                        "line down 477.065 to 490.864, asked 504.663, between 72 and 0, 1 line for 2 lines, read",
                        "before down 458.372 to 466.372, asked 458.372, between 72 and 0, 8 pt for 0 pt, read",
                        "first-line across 72 to 90, asked 108, between 477.065 and 466.372, read");
    }

    @Test
    void theGapUnderAParagraph() {
        assertThat(Draft.mla()
                        .text(line ->
                                line.set(ParagraphProperties.SPACE_AFTER, 160).text(Draft.PROSE))
                        .text(line -> line.text(Draft.PROSE))
                        .rule("spacing.paragraph-gap")
                        .strokes(1))
                .contains("after down 541.166 to 549.166, asked 541.166, between 72 and 0, 8 pt for 0 pt, read");
    }

    @Test
    void theHeaderAndHowFarItsNumberStandsFromItsPlace() {
        assertThat(Draft.mla().rule("running-head.text").strokes(1))
                .containsExactly(
                        "header down 0 to 36, between 72 and 0", "to-text down 46.693 to 72, between 72 and 0");
        assertThat(Draft.mla()
                        .headerLine(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                                .set(ParagraphProperties.INDENT_RIGHT, 360)
                                .text("Solvane ")
                                .pageNumber(PropertySet.empty()))
                        .rule("running-head.text")
                        .strokes(1))
                .containsExactly(
                        "place across 540 to 522, between 46.693 and 72, read",
                        "header down 0 to 36, between 72 and 0",
                        "to-text down 46.693 to 72, between 72 and 0");
        assertThat(Draft.mla().header(null).rule("running-head.text").strokes(1))
                .containsExactly("header down 0 to 36, between 72 and 0");
    }

    @Test
    void theTitleOverTheTextAndThatOfATitlePage() {
        assertThat(Draft.mla().rule("opening.title-form").strokes(1))
                .containsExactly("title down 0 to 193.085, between 72 and 0");
        assertThat(Draft.mla().rule("opening.title-form").strokes(2)).isEmpty();
        RuleCase student =
                Front.of("apa-7-student").title(TITLE).student().over(TITLE).rule("opening.title-height");
        assertThat(student.strokes(1)).containsExactly("height down 72 to 154.8, between 72 and 0, read");
        assertThat(student.strokes(2)).containsExactly("title down 0 to 82.693, between 72 and 0");
    }

    @Test
    void theFirstEntryOrTheFirstThatIsOff() {
        assertThat(Draft.mla()
                        .entries(List.of(Draft.book("Keel, J. R.", LONG, "2016")))
                        .rule("sources.hanging")
                        .strokes(2))
                .containsExactly("hanging across 72 to 108, between 137.889 and 127.196, read");
        assertThat(Draft.mla()
                        .entries(List.of(
                                Draft.book("Keel, J. R.", LONG, "2016"),
                                line -> Draft.book("Verholt, Ansa.", LONG, "2004")
                                        .accept(line.set(ParagraphProperties.INDENT_LEFT, 360)
                                                .set(ParagraphProperties.INDENT_FIRST_LINE, -360))))
                        .rule("sources.hanging")
                        .strokes(2))
                .containsExactly("hanging across 72 to 90, asked 108, between 193.085 and 182.392, read");
        assertThat(Draft.mla().rule("sources.hanging").strokes(1)).isEmpty();
    }

    @Test
    void aTableAndItsColumnsWhereTheyAreFew() {
        assertThat(table(2000, 1000))
                .containsExactly(
                        "table across 72 to 222, between 485.97 and 792",
                        "table-column across 72 to 172, between 458.372 and 0",
                        "table-column across 172 to 222, between 458.372 and 0");
        assertThat(table(2000)).containsExactly("table across 72 to 172, between 485.97 and 792");
        assertThat(table(900, 900, 900, 900, 900, 900, 900)).hasSize(8);
        assertThat(table(900, 900, 900, 900, 900, 900, 900, 900)).hasSize(1);
    }

    @Test
    void theRulesOfATableFromEachToTheNextAndWhereOneIsMissing() {
        assertThat(rules(Tabled.apa()))
                .containsExactly("403.176 to 416.975, between 72 and 0", "416.975 to 444.573, between 72 and 0");
        assertThat(rules(Tabled.apa().boxed()))
                .containsExactly(
                        "403.176 to 416.975, between 72 and 0",
                        "416.975 to 430.774, between 72 and 0, read",
                        "430.774 to 444.573, between 72 and 0");
        String heads = "403.176 to 444.573, asked 416.975, between 72 and 0, read";
        assertThat(rules(Tabled.apa().withoutRuleUnderHeads())).containsExactly(heads);
        assertThat(rules(Tabled.apa().unruled())).containsExactly(heads);
        assertThat(rules(Tabled.apa().withoutRulesAround()))
                .containsExactly(
                        "403.176 to 416.975, asked 444.573, between 72 and 0, read",
                        "444.573 to 416.975, asked 403.176, between 72 and 0, read");
    }

    private static List<String> rules(Tabled table) {
        String quantity = "table-rules down ";
        return table.rule("tables.rules").strokes(2).stream()
                .filter(stroke -> stroke.startsWith(quantity))
                .map(stroke -> stroke.substring(quantity.length()))
                .toList();
    }

    private static List<String> table(Integer... widths) {
        List<List<String>> row = List.of(Collections.nCopies(widths.length, "oil"));
        return Draft.mla()
                .add(b -> b.table(List.of(widths), row, PropertySet.empty()))
                .rule("tables.number")
                .strokes(1);
    }
}
