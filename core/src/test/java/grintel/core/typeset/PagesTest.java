package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Lengths;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Page ends, worked by hand from the faces' own numbers and the standard. */
class PagesTest {
    private static final String PROSE =
            "Harbour fog bells shift the evening feeding of the wading birds along this made-up coast, and"
                    + " the keepers who ring them have begun to notice that the flats fall quiet before the rope is touched. ";

    @ParameterizedTest
    @CsvSource({"Times New Roman,24,23", "Arial,22,25", "Courier New,24,23", "Calibri,22,24", "Cambria,24,23"})
    void doubleSpacedLinesFitInNineInches(String face, int halfPoints, int lines) {
        PropertySet type = new PropertySet.Builder()
                .set(CharacterProperties.FACE, face)
                .set(CharacterProperties.FACE_HIGH_ANSI, face)
                .set(CharacterProperties.SIZE, halfPoints)
                .build();
        TestPaper paper = new TestPaper();
        for (int i = 0; i < 60; i++) {
            paper.paragraph("line " + i, TestPaper.DOUBLE, type);
        }
        assertThat(paper.proof().pages().get(0).lines()).hasSize(lines);
    }

    @Test
    void singleLineOfTimesNewRomanTwelveIs13Point8() {
        List<ProofLine> lines = new TestPaper()
                .paragraphs(2, "line", PropertySet.empty())
                .proof()
                .pages()
                .get(0)
                .lines();
        assertThat(lines.get(1).y() - lines.get(0).y()).isBetween(13_790, 13_800);
    }

    @Test
    void exactSpacingPutsItsExtraAboveTheLine() {
        PropertySet exact = PropertySet.of(
                ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.EXACTLY, Lengths.points(30)));
        ProofLine first = new TestPaper()
                .paragraph("line", exact)
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
        ProofLine single = new TestPaper()
                .paragraph("line", PropertySet.empty())
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
        int extra = 30_000 - single.height();
        assertThat(first.height()).isEqualTo(30_000);
        assertThat(first.y() - single.y()).isBetween(extra - 1, extra + 1);
    }

    @Test
    void theGapIsTheLargerSpaceAndTheSumWhereTheFileAsksForIt() {
        PropertySet after = PropertySet.of(ParagraphProperties.SPACE_AFTER, Lengths.points(10));
        PropertySet before = PropertySet.of(ParagraphProperties.SPACE_BEFORE, Lengths.points(6));
        assertThat(gap(new TestPaper().paragraph("one", after).paragraph("two", before)))
                .isEqualTo(10_000);
        assertThat(gap(new TestPaper().gapsAdd().paragraph("one", after).paragraph("two", before)))
                .isEqualTo(16_000);
    }

    @Test
    void sameStyleSuppressionTakesAwayOnlyTheSideThatAsksForIt() {
        PropertySet asks = new PropertySet.Builder()
                .set(ParagraphProperties.SPACE_AFTER, Lengths.points(10))
                .set(ParagraphProperties.SAME_STYLE_SUPPRESSION, true)
                .build();
        PropertySet silent = PropertySet.of(ParagraphProperties.SPACE_BEFORE, Lengths.points(6));
        assertThat(gap(new TestPaper().paragraph("one", asks).paragraph("two", silent)))
                .isEqualTo(6_000);
    }

    private static int gap(TestPaper paper) {
        List<ProofLine> lines = paper.proof().pages().get(0).lines();
        return lines.get(1).top() - lines.get(0).top() - lines.get(0).height();
    }

    @Test
    void spaceBeforeIsDroppedAtAPageTopTheFlowReachedAndKeptAfterABreak() {
        PropertySet spaced = new PropertySet.Builder()
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .set(ParagraphProperties.SPACE_BEFORE, Lengths.points(4))
                .build();
        Proof flow = new TestPaper().paragraphs(30, "line", spaced).proof();
        assertThat(flow.pages().get(1).lines().get(0).top()).isEqualTo(Millipoints.PER_INCH);
        PropertySet broken = new PropertySet.Builder()
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .set(ParagraphProperties.SPACE_BEFORE, Lengths.points(40))
                .build();
        Proof afterBreak = new TestPaper()
                .paragraph("one", PropertySet.empty())
                .paragraph("two", broken)
                .proof();
        assertThat(afterBreak.pages().get(1).lines().get(0).top()).isEqualTo(Millipoints.PER_INCH + 40_000);
    }

    @Test
    void aHeadingThatKeepsWithTheNextGoesWithIt() {
        PropertySet kept = new PropertySet.Builder()
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .set(ParagraphProperties.KEEP_WITH_NEXT, true)
                .build();
        Proof proof = new TestPaper()
                .paragraphs(22, "line", TestPaper.DOUBLE)
                .paragraph("Heading", kept)
                .paragraph(PROSE.repeat(3), TestPaper.DOUBLE)
                .proof();
        assertThat(proof.pageOf(ParagraphAddress.text(22))).isEqualTo(2);
        assertThat(proof.pages().get(0).lines()).hasSize(22);
    }

    @Test
    void noSingleLineOfAParagraphIsLeftBehindUnlessTheFileTurnsThatOff() {
        PropertySet loose = new PropertySet.Builder()
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE)
                .set(ParagraphProperties.WIDOW_CONTROL, false)
                .build();
        TestPaper controlled = new TestPaper().paragraphs(22, "line", TestPaper.DOUBLE);
        TestPaper free = new TestPaper().paragraphs(22, "line", TestPaper.DOUBLE);
        assertThat(controlled
                        .paragraph(PROSE.repeat(2), TestPaper.DOUBLE)
                        .proof()
                        .pages()
                        .get(0)
                        .lines())
                .hasSize(22);
        assertThat(free.paragraph(PROSE.repeat(2), loose).proof().pages().get(0).lines())
                .hasSize(23);
    }

    @Test
    void aPageBreakTakesItsParagraphsEndAlong() {
        Proof proof = new TestPaper()
                .paragraph("one\f", PropertySet.empty())
                .paragraph("two", PropertySet.empty())
                .proof();
        assertThat(proof.pages()).hasSize(2);
        assertThat(proof.pages().get(1).lines()).hasSize(1);
    }

    @Test
    void aFootnoteStandsAtTheFootOfItsPageAndTakesRoomFromTheText() {
        Proof proof = new TestPaper()
                .noted("called here", TestPaper.DOUBLE, "The note.")
                .paragraphs(30, "line", TestPaper.DOUBLE)
                .proof();
        ProofPage first = proof.pages().get(0);
        ProofLine note = first.lines(PagePart.NOTE).get(0);
        assertThat(note.top() + note.height()).isEqualTo(first.frame().bottom());
        assertThat(first.lines(PagePart.TEXT)).hasSize(22);
    }

    @Test
    void aRepeatedHeadStandsAgainOnEachPageOfItsTable() {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("Flat", "Rate"));
        for (int i = 0; i < 60; i++) {
            rows.add(List.of("near " + i, "4.3"));
        }
        Proof proof = new TestPaper().table(rows, true).proof();
        assertThat(proof.pages().get(1).lines()).element(0).satisfies(line -> {
            assertThat(line.text()).isEqualTo("Flat");
            assertThat(line.repeated()).isTrue();
        });
        assertThat(proof.lines(ParagraphAddress.text(0))).hasSize(1);
    }

    @Test
    void aHeaderHigherThanItsMarginPushesTheTextDown() {
        Proof proof = new TestPaper()
                .header("one\ntwo\nthree\nfour")
                .paragraph("text", PropertySet.empty())
                .proof();
        ProofPage page = proof.pages().get(0);
        assertThat(page.frame().top())
                .isEqualTo(36_000 + 4 * page.lines().get(0).height());
        assertThat(page.lines(PagePart.TEXT).get(0).top())
                .isEqualTo(page.frame().top());
    }

    /** Whatever a file asks for, layout ends and every word stands on some page. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void everyWordStandsOnSomePage(long seed) {
        Random random = new Random(seed);
        TestPaper paper = new TestPaper().section(randomSection(random));
        List<String> words = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            String text =
                    "p" + i + " " + PROSE.repeat(random.nextInt(6)) + "x".repeat(random.nextInt(400)) + " end" + i;
            words.addAll(List.of(text.strip().split("\\s+", -1)));
            paper.paragraph(text, randomParagraph(random));
        }
        StringBuilder set = new StringBuilder();
        for (ProofPage page : paper.proof().pages()) {
            for (ProofLine line : page.lines(PagePart.TEXT)) {
                set.append(line.text());
            }
        }
        assertThat(set.toString().replaceAll("\\s", "")).as("seed %d", seed).isEqualTo(String.join("", words));
    }

    private static PropertySet randomSection(Random random) {
        return new PropertySet.Builder()
                .set(SectionProperties.PAGE_WIDTH, random.nextInt(16_000))
                .set(SectionProperties.PAGE_HEIGHT, random.nextInt(20_000))
                .set(SectionProperties.MARGIN_LEFT, random.nextInt(12_000) - 3000)
                .set(SectionProperties.MARGIN_TOP, random.nextInt(9000) - 2000)
                .set(SectionProperties.COLUMNS, 1 + random.nextInt(3))
                .build();
    }

    private static PropertySet randomParagraph(Random random) {
        return new PropertySet.Builder()
                .set(ParagraphProperties.KEEP_WITH_NEXT, random.nextBoolean())
                .set(ParagraphProperties.KEEP_LINES, random.nextBoolean())
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, random.nextInt(10) == 0)
                .set(ParagraphProperties.INDENT_LEFT, random.nextInt(20_000) - 5000)
                .set(ParagraphProperties.INDENT_FIRST_LINE, random.nextInt(4000) - 2000)
                .set(ParagraphProperties.SPACE_BEFORE, random.nextInt(30_000))
                .set(
                        ParagraphProperties.LINE_SPACING,
                        new LineSpacing(LineSpacing.Rule.values()[random.nextInt(3)], 1 + random.nextInt(900)))
                .build();
    }
}
