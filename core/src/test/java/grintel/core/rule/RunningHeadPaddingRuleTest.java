package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.TabPosition;
import grintel.core.paper.TabStops;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class RunningHeadPaddingRuleTest {
    private static final String RULE = "running-head.padding";
    private static final String ONE_LINE = "one line, set by its alignment or a tab stop";
    private static final Consumer<ParagraphBuilder> LINE =
            line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                    .text("Solvane ")
                    .pageNumber(PropertySet.empty());

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void spacesGiveWayToAnAlignment() {
        Draft.mla()
                .headerLine(h -> h.text("Solvane" + " ".repeat(120)).pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("spaces", ONE_LINE)
                .putRight();
    }

    @Test
    void tabsOnStopsTheHeaderSetsAreFine() {
        TabStops stop =
                new TabStops(List.of(new TabStops.Stop(9360, TabStops.Kind.RIGHT, TabStops.Leader.NONE)), List.of());
        Draft.mla()
                .headerLine(h -> h.set(ParagraphProperties.TAB_STOPS, stop)
                        .tab()
                        .text("Solvane ")
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isMet();
    }

    @Test
    void eachWayOfPaddingIsNamedAndGoes() {
        padded(h -> h.text("  Solvane").pageNumber(PropertySet.empty()), "spaces");
        padded(h -> h.tab().tab().text("Solvane ").pageNumber(PropertySet.empty()), "tabs");
        padded(h -> h.text("Solvane" + " ".repeat(200)).pageNumber(PropertySet.empty()), "more than one line");
    }

    private static void padded(Consumer<ParagraphBuilder> line, String told) {
        Draft.mla().headerLine(line).rule(RULE).isOff(told, ONE_LINE).putRight();
    }

    @Test
    void wordsTooLongForALineAreForTheWriter() {
        Draft.mla()
                .headerLine(h -> h.text(Draft.PROSE + " ").pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isOff("more than one line", ONE_LINE)
                .isForTheWriter();
    }

    @Test
    void twoLinesOfAHeaderAreCounted() {
        Draft.mla()
                .header(b -> b.marginal(
                        Story.Kind.HEADER,
                        Marginals.Variant.DEFAULT,
                        blocks -> blocks.paragraph("Solvane").paragraph(line -> line.pageNumber(PropertySet.empty()))))
                .rule(RULE)
                .isOff("2 lines", ONE_LINE)
                .putRight();
    }

    @Test
    void aBlankLineGoesAndNothingElse() {
        RuleCase after = Draft.mla()
                .header(b -> b.marginal(
                        Story.Kind.HEADER,
                        Marginals.Variant.DEFAULT,
                        blocks -> blocks.paragraph(LINE).paragraph("")))
                .rule(RULE)
                .isOff("a blank line", ONE_LINE)
                .putRight();
        assertThat(after.paper().sections().get(0).headers().stories().values())
                .allSatisfy(header -> assertThat(header.paragraphs()).hasSize(1));
    }

    @Test
    void aTabThatSaysItsPlaceItselfNeedsNoStop() {
        Draft.mla()
                .headerLine(h -> h.text("Solvane")
                        .tab(new TabPosition(TabStops.Kind.RIGHT, true, TabStops.Leader.NONE))
                        .pageNumber(PropertySet.empty()))
                .rule(RULE)
                .isMet();
    }

    @Test
    void absentWithoutAHeader() {
        Draft.mla().header(null).rule(RULE).isAbsent();
    }
}
