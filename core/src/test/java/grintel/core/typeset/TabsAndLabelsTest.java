package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TabStops;
import grintel.core.paper.TabStops.Kind;
import grintel.core.paper.TabStops.Leader;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where tabs and the labels of lists put the text after them. The column is 6.5 in wide and starts at 1 in. */
class TabsAndLabelsTest {
    private static final int LEFT = Millipoints.PER_INCH;
    private static final int TWIP = 50;

    private static PropertySet stops(TabStops.Stop... stops) {
        return PropertySet.of(ParagraphProperties.TAB_STOPS, new TabStops(List.of(stops), List.of()));
    }

    private static ProofLine line(String text, PropertySet paragraph) {
        return new TestPaper()
                .paragraph(text, paragraph)
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
    }

    private static GlyphRun last(ProofLine line) {
        return line.runs().get(line.runs().size() - 1);
    }

    @Test
    void textStandsRoundACentreStop() {
        GlyphRun run = last(line("\tAppendix", stops(new TabStops.Stop(4680, Kind.CENTRE, Leader.NONE))));
        assertThat(run.x() + run.width() / 2).isCloseTo(LEFT + 4680 * TWIP, within(2));
    }

    @Test
    void figuresStandWithTheirPointAtADecimalStop() {
        PropertySet decimal = stops(new TabStops.Stop(2880, Kind.DECIMAL, Leader.NONE));
        // Every figure is half the size wide.
        assertThat(last(line("\t12.5", decimal)).x()).isCloseTo(LEFT + 2880 * TWIP - 12_000, within(2));
        assertThat(last(line("\t3.125", decimal)).x()).isCloseTo(LEFT + 2880 * TWIP - 6_000, within(2));
        assertThat(last(line("\t128", decimal)).x()).isCloseTo(LEFT + 2880 * TWIP - 18_000, within(2));
    }

    @Test
    void afterTheStopsThatAreSetTheUsualOnesGoOn() {
        PropertySet one = stops(new TabStops.Stop(1000, Kind.LEFT, Leader.NONE));
        ProofLine line = line("\ta\tb", one);
        assertThat(line.runs().get(0).x()).isEqualTo(LEFT + 1000 * TWIP);
        // The next half inch after 1,000 twips is at 1,440.
        assertThat(last(line).x()).isEqualTo(LEFT + 1440 * TWIP);
    }

    @Test
    void aStopAlreadyPassedIsNoStop() {
        PropertySet near =
                stops(new TabStops.Stop(200, Kind.LEFT, Leader.NONE), new TabStops.Stop(3000, Kind.LEFT, Leader.NONE));
        assertThat(last(line("longer than it\tb", near)).x()).isEqualTo(LEFT + 3000 * TWIP);
    }

    @Test
    void aBarIsNoPlaceToStopAt() {
        PropertySet bar =
                stops(new TabStops.Stop(900, Kind.BAR, Leader.NONE), new TabStops.Stop(2000, Kind.LEFT, Leader.NONE));
        assertThat(last(line("\tb", bar)).x()).isEqualTo(LEFT + 2000 * TWIP);
    }

    @Test
    void eachLeaderHasItsCharacter() {
        for (Leader leader : List.of(Leader.DOTS, Leader.HYPHENS, Leader.LINE)) {
            ProofLine line = line("a\tb", stops(new TabStops.Stop(9360, Kind.RIGHT, leader)));
            assertThat(line.runs())
                    .filteredOn(GlyphRun::leader)
                    .singleElement()
                    .satisfies(run -> assertThat(run.text())
                            .matches("[" + (leader == Leader.HYPHENS ? "\\-" : leader.character()) + "]+"));
            assertThat(line.text()).isEqualTo("a\tb");
        }
    }

    @Test
    void aTabBeyondTheLastRoomGoesOnInTheNextLine() {
        List<ProofLine> lines = new TestPaper()
                .paragraph("m".repeat(48) + "\tafter", PropertySet.empty())
                .proof()
                .pages()
                .get(0)
                .lines();
        assertThat(lines).hasSize(2);
        assertThat(lines.get(1).text()).contains("after");
    }

    @Test
    void aLabelIsFollowedByATabASpaceOrNothing() {
        PropertySet hanging = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, 720)
                .set(ParagraphProperties.INDENT_FIRST_LINE, -360)
                .build();
        ProofLine tabbed = labelled("tab", hanging);
        assertThat(tabbed.text()).isEqualTo("2.\titem");
        assertThat(tabbed.x()).isEqualTo(LEFT + 360 * TWIP);
        assertThat(last(tabbed).x()).isEqualTo(LEFT + 720 * TWIP);
        // A figure is 6 pt wide, a full stop 3 and a space 3.
        ProofLine spaced = labelled("space", hanging);
        assertThat(spaced.text()).isEqualTo("2. item");
        assertThat(spaced.width()).isCloseTo(labelled("nothing", hanging).width() + 3000, within(2));
        assertThat(labelled("nothing", hanging).text()).isEqualTo("2.item");
    }

    @Test
    void furtherLinesOfAnItemStandAtItsIndent() {
        PropertySet hanging = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, 720)
                .set(ParagraphProperties.INDENT_FIRST_LINE, -360)
                .build();
        List<ProofLine> lines = new TestPaper()
                .listed("10.", "tab", "a word and more ".repeat(12), hanging)
                .proof()
                .pages()
                .get(0)
                .lines();
        assertThat(lines.get(1).x()).isEqualTo(LEFT + 720 * TWIP);
        assertThat(lines.get(1).lineInParagraph()).isEqualTo(1);
    }

    private static ProofLine labelled(String suffix, PropertySet paragraph) {
        return new TestPaper()
                .listed("2.", suffix, "item", paragraph)
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
    }
}
