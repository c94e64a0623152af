package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.PropertySet;
import grintel.core.typeset.TestPaper.Run;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What single characters and runs do to a line. Times New Roman 12 unless a run says more. */
class CharactersTest {
    private static ProofLine line(Run... runs) {
        return lines(runs).get(0);
    }

    private static List<ProofLine> lines(Run... runs) {
        return new TestPaper().runs(runs).proof().pages().get(0).lines();
    }

    private static int width(String text) {
        return line(Run.plain(text)).width();
    }

    @Test
    void hiddenTextLeavesNoTrace() {
        ProofLine line = line(Run.plain("seen "), Run.of("hidden", CharacterProperties.HIDDEN, true), Run.plain("too"));
        assertThat(line.text()).isEqualTo("seen too");
        assertThat(line.width()).isEqualTo(width("seen too"));
    }

    @Test
    void smallCapitalsAreCapitalsOfASmallerSize() {
        ProofLine line = line(Run.of("Bell", CharacterProperties.SMALL_CAPITALS, true));
        assertThat(line.text()).isEqualTo("Bell");
        assertThat(line.runs()).extracting(GlyphRun::text).containsExactly("B", "ELL");
        double whole = line.runs().get(0).type().points();
        double small = line.runs().get(1).type().points();
        assertThat(whole).isEqualTo(12);
        assertThat(small).isBetween(9.0, 10.0);
        assertThat(line.runs().get(1).width()).isCloseTo((int) Math.round(width("ELL") * small / whole), within(2));
    }

    @Test
    void raisedAndLoweredCharactersAreSmallerAndOffTheBaseline() {
        for (VerticalPosition position : List.of(VerticalPosition.SUPERSCRIPT, VerticalPosition.SUBSCRIPT)) {
            ProofLine line = line(Run.plain("x"), Run.of("2", CharacterProperties.VERTICAL_POSITION, position));
            GlyphRun set = line.runs().get(1);
            assertThat(set.type().points()).isLessThan(9);
            assertThat(set.type().rise() > 0).isEqualTo(position == VerticalPosition.SUPERSCRIPT);
            assertThat(set.type().rise()).isNotZero();
        }
    }

    @Test
    void characterSpacingIsAddedAfterEachCharacter() {
        // 40 twips are two points.
        ProofLine spaced = line(Run.of("bells", CharacterProperties.CHARACTER_SPACING, 40));
        assertThat(spaced.width()).isCloseTo(width("bells") + 5 * 2000, within(2001));
        assertThat(spaced.width()).isGreaterThan(width("bells") + 4 * 2000 - 2);
    }

    @Test
    void narrowTypeTakesItsShareOfTheWidth() {
        ProofLine narrow = line(Run.of("bells", CharacterProperties.SCALE, 80));
        assertThat(narrow.width()).isCloseTo((int) Math.round(width("bells") * 0.8), within(2));
        assertThat(narrow.height()).isEqualTo(line(Run.plain("bells")).height());
    }

    @Test
    void aLineIsAsHighAsItsHighestRun() {
        int small = line(Run.plain("a")).height();
        ProofLine large = line(Run.of("a", CharacterProperties.SIZE, 48));
        ProofLine mixed = line(Run.plain("a "), Run.of("a", CharacterProperties.SIZE, 48), Run.plain(" a"));
        assertThat(large.height()).isCloseTo(2 * small, within(2));
        assertThat(mixed.height()).isEqualTo(large.height());
        assertThat(mixed.y()).isEqualTo(large.y());
    }

    @Test
    void severalFacesInOneLineShareItsBaseline() {
        PropertySet other = new PropertySet.Builder()
                .set(CharacterProperties.FACE, "Courier New")
                .set(CharacterProperties.FACE_HIGH_ANSI, "Courier New")
                .build();
        ProofLine line = line(Run.plain("The code "), new Run("let x", other), Run.plain(" is set"));
        assertThat(line.runs()).extracting(run -> run.type().face().file()).contains("LiberationMono-Regular");
        // Courier is 0.6 of its size wide, whatever the letter.
        assertThat(line.runs().get(1).width()).isCloseTo(5 * 7200, within(10));
        assertThat(line.text()).isEqualTo("The code let x is set");
    }

    @Test
    void zeroWidthSpacesPartALineAndTakeNoRoom() {
        assertThat(width("ab\u200Bcd")).isEqualTo(width("abcd"));
        String half = "m".repeat(30);
        assertThat(lines(Run.plain(half + "\u200B" + half)).get(0).text().replace("\u200B", ""))
                .isEqualTo(half);
    }

    @Test
    void aNoBreakHyphenKeepsItsLineAndItsCharacter() {
        String start = "m".repeat(46);
        List<ProofLine> broken = lines(Run.plain("a " + start + "-mmmmmm"));
        List<ProofLine> kept = lines(Run.plain("a " + start + "\u2011mmmmmm"));
        assertThat(broken.get(0).text()).endsWith("-");
        assertThat(kept.get(0).text()).isEqualTo("a");
        assertThat(kept.get(1).text()).contains("\u2011");
        assertThat(kept.get(1).runs().get(0).type().face().file()).startsWith("LiberationSerif");
    }

    @Test
    void charactersBeyondTheBasicPlaneStandAsOne() {
        ProofLine line = line(Run.plain("a \uD83D\uDD14 b"));
        assertThat(line.text()).isEqualTo("a \uD83D\uDD14 b");
        assertThat(line.runs())
                .noneMatch(run -> run.text().length() == 1
                        && Character.isSurrogate(run.text().charAt(0)));
    }

    @Test
    void underlinesAndColoursGoWithTheirRun() {
        ProofLine line = line(
                Run.plain("plain "), Run.of("under", CharacterProperties.UNDERLINE, "single"), Run.plain(" plain"));
        assertThat(line.runs())
                .filteredOn(run -> run.type().underlined())
                .singleElement()
                .satisfies(run -> {
                    assertThat(run.text().strip()).isEqualTo("under");
                    assertThat(run.x()).isCloseTo(line.x() + width("plain ") + spaceWidth(), within(2));
                });
    }

    private static int spaceWidth() {
        // The measured width leaves out a trailing space: a quarter of the size.
        return 3000;
    }
}
