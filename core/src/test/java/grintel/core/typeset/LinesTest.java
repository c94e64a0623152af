package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TabStops;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Where lines break and what stands where in them. The measure is 6.5 in. */
class LinesTest {
    private static final int LEFT = Millipoints.PER_INCH;
    private static final int RIGHT = Millipoints.PER_INCH * 15 / 2;

    private static List<ProofLine> lines(String text, PropertySet paragraph) {
        return new TestPaper().paragraph(text, paragraph).proof().pages().get(0).lines();
    }

    @Test
    void spacesHangAtTheEndOfALineAndDoNotCount() {
        List<ProofLine> lines = lines("word ".repeat(30), PropertySet.empty());
        assertThat(lines.get(0).text()).endsWith("word");
        assertThat(lines.get(0).right()).isLessThanOrEqualTo(RIGHT);
    }

    @Test
    void aPlainSpaceIsAlwaysAnOpportunityAndANoBreakSpaceNever() {
        String filler = "m".repeat(45);
        assertThat(lines(filler + " )", PropertySet.empty())).hasSize(1);
        assertThat(lines("a " + "m".repeat(48) + " )aa", PropertySet.empty())
                        .get(0)
                        .text())
                .isEqualTo("a " + "m".repeat(48));
        assertThat(lines("a " + "m".repeat(48) + "\u00A0aaaaaa", PropertySet.empty())
                        .get(0)
                        .text())
                .isEqualTo("a");
    }

    @Test
    void aWordLongerThanTheLineBreaksAtTheLine() {
        List<ProofLine> lines = lines("m".repeat(120), PropertySet.empty());
        assertThat(lines).hasSizeGreaterThan(2);
        assertThat(lines.get(0).width()).isLessThanOrEqualTo(RIGHT - LEFT);
    }

    @Test
    void aSoftHyphenShowsOnlyWhereALineEndsAtIt() {
        List<ProofLine> lines = lines("m".repeat(48) + "\u00AD" + "m".repeat(20), PropertySet.empty());
        assertThat(lines.get(0).text()).endsWith("\u00AD");
        assertThat(lines.get(0).runs().get(0).text()).endsWith("-");
        assertThat(lines("ab\u00ADcd", PropertySet.empty()).get(0).text()).isEqualTo("abcd");
    }

    @Test
    void aTabGoesToTheNextDefaultStopAndAHangingIndentIsAStop() {
        assertThat(lines("\tindented", PropertySet.empty()).get(0).x()).isEqualTo(LEFT + 36_000);
        PropertySet hanging = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, 500)
                .set(ParagraphProperties.INDENT_FIRST_LINE, -500)
                .build();
        ProofLine line = lines("1.\titem", hanging).get(0);
        assertThat(line.x()).isEqualTo(LEFT);
        assertThat(line.runs().get(1).x()).isEqualTo(LEFT + 25_000);
    }

    @Test
    void textAtARightTabEndsThere() {
        PropertySet stop = PropertySet.of(
                ParagraphProperties.TAB_STOPS,
                new TabStops(List.of(new TabStops.Stop(9360, TabStops.Kind.RIGHT, TabStops.Leader.NONE)), List.of()));
        assertThat(lines("SHORT TITLE\t12", stop).get(0).right()).isEqualTo(RIGHT);
    }

    @Test
    void leadersFillTheGapBeforeTheirStopOnAGridOfTheColumn() {
        PropertySet stop = PropertySet.of(
                ParagraphProperties.TAB_STOPS,
                new TabStops(List.of(new TabStops.Stop(9360, TabStops.Kind.RIGHT, TabStops.Leader.DOTS)), List.of()));
        GlyphRun one = lines("Arden Crossing\t12", stop).get(0).runs().get(1);
        GlyphRun other = lines("Tolls\t3", stop).get(0).runs().get(1);
        assertThat(one.leader()).isTrue();
        assertThat(one.text()).matches("\\.{20,}");
        // Twelve points of Times New Roman: a full stop is 3 pt wide.
        assertThat((one.x() - other.x()) % 3000).isBetween(-2, 2);
        assertThat(RIGHT - one.x() - one.width()).isBetween(12_000, 18_000);
    }

    @Test
    void centredAndRightTextStandsAsItSays() {
        ProofLine centred = lines("Title", PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.CENTRE))
                .get(0);
        assertThat(centred.x() - LEFT).isBetween(RIGHT - centred.right() - 1, RIGHT - centred.right() + 1);
        ProofLine right = lines("Solvane 1", PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.RIGHT))
                .get(0);
        assertThat(right.right()).isBetween(RIGHT - 1, RIGHT + 1);
    }

    @Test
    void justifiedLinesFillTheMeasureButForTheLast() {
        List<ProofLine> lines =
                lines("word and more ".repeat(20), PropertySet.of(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED));
        assertThat(lines.get(0).right()).isBetween(RIGHT - 2, RIGHT + 2);
        assertThat(lines.get(lines.size() - 1).right()).isLessThan(RIGHT - 1000);
    }

    @Test
    void advanceWidthsAreThoseOfTheFace() {
        // Times New Roman: a and n are 909 and 1024 of 2048 units wide.
        assertThat(lines("an", PropertySet.empty()).get(0).width())
                .isEqualTo((int) Math.round((909 + 1024) * 12_000 / 2048.0));
    }

    @Test
    void capitalsAreSetAsCapitalsAndReadAsWritten() {
        PropertySet capitals = PropertySet.of(CharacterProperties.CAPITALS, true);
        ProofLine line = new TestPaper()
                .paragraph("title", PropertySet.empty(), capitals)
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
        assertThat(line.text()).isEqualTo("title");
        assertThat(line.runs().get(0).text()).isEqualTo("TITLE");
    }

    @Test
    void aFaceThatIsNotShippedMakesTheProofApproximateAndSaysSo() {
        PropertySet face = PropertySet.of(CharacterProperties.FACE, "Garamond");
        Proof proof =
                new TestPaper().paragraph("text", PropertySet.empty(), face).proof();
        assertThat(proof.approximate()).containsExactly("Garamond");
        assertThat(new TestPaper()
                        .paragraph("text", PropertySet.empty())
                        .proof()
                        .approximate())
                .isEmpty();
    }

    @Test
    void aCharacterTheFaceLacksIsSetInAFaceThatHasIt() {
        ProofLine line = lines("a \u2713", PropertySet.empty()).get(0);
        assertThat(line.runs().get(line.runs().size() - 1).type().face().file()).startsWith("DejaVuSans");
    }

    @Test
    void raisedCharactersLeaveTheLineAsHighAsItIs() {
        PropertySet raised =
                PropertySet.of(CharacterProperties.VERTICAL_POSITION, CharacterProperties.VerticalPosition.SUPERSCRIPT);
        int plain = lines("a", PropertySet.empty()).get(0).height();
        int with = new TestPaper()
                .paragraph("a", PropertySet.empty(), raised)
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0)
                .height();
        assertThat(with).isLessThanOrEqualTo(plain);
    }
}
