package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Blocks;
import grintel.core.paper.Paragraph;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.TableProperties;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;

class TablesWidthRuleTest {
    private static final String RULE = "tables.width";

    private static Draft with(int columnWidth, int columns) {
        return with(columnWidth, columns, "14");
    }

    private static Draft with(int columnWidth, int columns, String cell) {
        List<Integer> widths = Collections.nCopies(columns, columnWidth);
        List<String> cells = Collections.nCopies(columns, cell);
        return Draft.mla()
                .add(paper -> paper.paragraph("Table 1"))
                .add(paper -> paper.paragraph("Lamps and Sums"))
                .add(paper -> paper.table(table -> {
                    table.columns(widths).set(TableProperties.FIXED, true);
                    table.row(widths, cells, PropertySet.empty()).row(widths, cells, PropertySet.empty());
                }))
                .add(paper -> paper.paragraph("Source: Counted by hand."))
                .text(line -> line.text("They are counted in Table 1. " + Draft.PROSE));
    }

    @Test
    void metWithinTheMarginsAndByCellsThatHangIntoThem() {
        with(3000, 3).rule(RULE).isMet();
        with(4680 + 60, 2).rule(RULE).isMet();
    }

    @Test
    void aPaperWithoutTablesHasNothingToMeasure() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void oneWhoseWordsWouldBreakGoesOnASheetOnItsSideWithItsNumberTitleAndNote() {
        RuleCase after = with(1400, 10, "unknown")
                .rule(RULE)
                .areOff("3.22 in beyond a margin")
                .putRight();
        List<Section> sections = after.paper().sections();
        assertThat(sections).extracting(TablesWidthRuleTest::lies).containsExactly(false, true, false);
        assertThat(Blocks.paragraphs(sections.get(1).blocks()))
                .extracting(Paragraph::text)
                .startsWith("Table 1", "Lamps and Sums")
                .endsWith("Source: Counted by hand.");
        assertThat(after.paper().tables().get(0).columns()).allMatch(width -> width == 1296);
    }

    @Test
    void andOneThatFitsNoSheetIsNarrowedThere() {
        RuleCase after = with(1900, 10, "misunderstandings").rule(RULE).putRight();
        assertThat(after.paper().sections())
                .extracting(TablesWidthRuleTest::lies)
                .containsExactly(false, true, false);
        assertThat(after.paper().tables().get(0).columns()).allMatch(width -> width == 1296);
    }

    @Test
    void columnsOfLongWordsKeepTheirRoom() {
        RuleCase after = Tabled.apa()
                .columns(1700)
                .heads("Quay", "Understanding", "Measurements", "n", "M", "SD", "p")
                .row("North and all that lies on its far side", "14", "12", "11", "9", "14", ".024")
                .rule(RULE)
                .putRight();
        assertThat(after.paper().sections()).hasSize(1);
        List<Integer> columns = after.paper().tables().get(0).columns();
        assertThat(columns.get(1)).isGreaterThan(1500);
        assertThat(columns.get(3)).isLessThan(1300);
    }

    private static boolean lies(Section section) {
        return section.get(SectionProperties.LANDSCAPE)
                && section.get(SectionProperties.PAGE_WIDTH) > section.get(SectionProperties.PAGE_HEIGHT);
    }

    @Test
    void oneThatIsTooWideIsNarrowedInProportion() {
        with(3500, 3)
                .rule(RULE)
                .areOff("0.79 in beyond a margin")
                .andNothingElseIsOff()
                .putRight();
    }
}
