package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Anchor;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.typeset.TestPaper.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What holds of any layout of a paper a student might have, made by chance. */
class LayoutPropertyTest {
    private static final List<String> WORDS = List.of(("the keeper rings a bell, and (so far) nobody has asked the"
                    + " birds; 1,204 of them left by 6:30 \u2014 in fog-bound evenings they \u201Cfall quiet\u201D at once and/or"
                    + " feed until mid\u00ADnight. www.brackwater.example/fog 12.5%")
            .split(" ", -1));
    /** A line may lie over its neighbour by so much from rounding. */
    private static final int ROUNDING = 2;

    /** What each paragraph of the text, and each note, reads. */
    private final List<String> text = new ArrayList<>();

    private final List<String> notes = new ArrayList<>();

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 25);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyWordStandsOnceInItsOrder(long seed) {
        Proof proof = paper(seed, 40).proof();
        for (int i = 0; i < text.size(); i++) {
            assertThat(joined(proof, ParagraphAddress.text(i)))
                    .as("paragraph %d", i)
                    .isEqualTo(plain(text.get(i)));
        }
        for (int i = 0; i < notes.size(); i++) {
            Story note = new Story(Story.Kind.FOOTNOTE, Integer.toString(i + 1));
            assertThat(joined(proof, new ParagraphAddress(note, 0))).isEqualTo(plain(notes.get(i)));
        }
        int lines = proof.pages().stream().mapToInt(page -> page.lines().size()).sum();
        assertThat(lines).isGreaterThanOrEqualTo(text.size() + notes.size());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void linesKeepClearOfEachOtherAndOfTheFoot(long seed) {
        for (ProofPage page : paper(seed, 40).proof().pages()) {
            List<ProofLine> lines = page.lines();
            for (int i = 0; i < lines.size(); i++) {
                ProofLine line = lines.get(i);
                assertThat(line.top() + line.height())
                        .as("foot of “%s” on page %d", line.text(), page.number())
                        .isLessThanOrEqualTo(page.frame().bottom() + ROUNDING);
                for (ProofLine other : lines.subList(i + 1, lines.size())) {
                    boolean beside = line.right() <= other.x() || other.right() <= line.x();
                    boolean apart = line.top() + line.height() <= other.top() + ROUNDING
                            || other.top() + other.height() <= line.top() + ROUNDING;
                    assertThat(beside || apart)
                            .as("“%s” and “%s” on page %d", line.text(), other.text(), page.number())
                            .isTrue();
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void linesStayInTheirColumn(long seed) {
        for (ProofPage page : paper(seed, 40).proof().pages()) {
            for (ProofLine line : page.lines()) {
                assertThat(line.x()).isGreaterThanOrEqualTo(line.columnLeft());
                // A single letter is set even where it has no room.
                if (line.text().strip().length() > 1) {
                    assertThat(line.right())
                            .as("end of “%s” on page %d", line.text(), page.number())
                            .isLessThanOrEqualTo(line.columnRight() + ROUNDING);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theRunsOfALineFollowEachOtherAndFillIt(long seed) {
        for (ProofPage page : paper(seed, 40).proof().pages()) {
            for (ProofLine line : page.lines()) {
                int end = line.x();
                for (GlyphRun run : line.runs()) {
                    assertThat(run.x()).isGreaterThanOrEqualTo(end - ROUNDING);
                    end = run.x() + run.width();
                }
                if (!line.runs().isEmpty()) {
                    assertThat(line.runs().get(0).x()).isGreaterThanOrEqualTo(line.x());
                    if (line.text().indexOf(Paragraph.OBJECT) < 0) {
                        assertThat(end).isGreaterThanOrEqualTo(line.right() - ROUNDING);
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theSamePaperIsLaidOutTheSame(long seed) {
        List<ProofPage> once = paper(seed, 30).proof().pages();
        assertThat(paper(seed, 30).proof().pages()).isEqualTo(once);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void whatComesLaterLeavesFinishedPagesAlone(long seed) {
        List<ProofPage> whole = paper(seed, 60).proof().pages();
        List<ProofPage> part = paper(seed, 45).proof().pages();
        // What keeps with the next and lines that may not stand alone reach back one page, never two.
        int finished = Math.max(0, part.size() - 2);
        assertThat(whole.subList(0, finished)).isEqualTo(part.subList(0, finished));
    }

    private static String joined(Proof proof, ParagraphAddress paragraph) {
        StringBuilder out = new StringBuilder();
        proof.lines(paragraph).forEach(placed -> out.append(placed.line().text()));
        return plain(out);
    }

    private static String plain(CharSequence text) {
        return text.toString().replaceAll("[\\s\u00AD\uFFFC]", "");
    }

    /** The first paragraphs of an endless paper that depends on the seed only. */
    private TestPaper paper(long seed, int paragraphs) {
        text.clear();
        notes.clear();
        Random random = new Random(seed);
        boolean columns = random.nextInt(4) == 0;
        TestPaper paper = new TestPaper().section(section(random, columns ? 2 : 1));
        int calls = 0;
        for (int i = 0; i < paragraphs; i++) {
            String words = words(random, 1 + random.nextInt(90));
            int kind = random.nextInt(12);
            // The table is as wide as a sheet's text; in a column of two it would stand over the other.
            switch (columns && kind == 1 ? 2 : kind) {
                case 0 -> {
                    String note = words(random, 1 + random.nextInt(60));
                    paper.noted(words, paragraph(random), note);
                    text.add(words + ++calls);
                    notes.add(note);
                }
                case 1 -> {
                    List<List<String>> rows = rows(random);
                    rows.forEach(text::addAll);
                    paper.table(rows, random.nextBoolean());
                }
                case 2 -> {
                    paper.runs(
                            Run.plain(words),
                            Run.of(words, CharacterProperties.SIZE, 16 + random.nextInt(24)),
                            Run.of(words, CharacterProperties.SMALL_CAPITALS, true));
                    text.add(words + words + words);
                }
                case 3 -> {
                    paper.pictured(words, 0.5 + random.nextInt(3), 0.5 + random.nextInt(3), anchor(random));
                    text.add(words);
                }
                case 4 -> {
                    paper.listed(i + ".", random.nextBoolean() ? "tab" : "space", words, paragraph(random));
                    text.add(i + "." + words);
                }
                default -> {
                    paper.paragraph(words, paragraph(random));
                    text.add(words);
                }
            }
        }
        return paper;
    }

    private static String words(Random random, int count) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < count; i++) {
            out.append(i == 0 ? "" : " ").append(WORDS.get(random.nextInt(WORDS.size())));
        }
        return out.toString();
    }

    private static List<List<String>> rows(Random random) {
        int columns = 1 + random.nextInt(4);
        List<List<String>> rows = new ArrayList<>();
        for (int r = 1 + random.nextInt(12); r > 0; r--) {
            List<String> row = new ArrayList<>();
            for (int c = 0; c < columns; c++) {
                row.add(words(random, 1 + random.nextInt(4)));
            }
            rows.add(row);
        }
        return rows;
    }

    private static PropertySet section(Random random, int columns) {
        return new PropertySet.Builder()
                .set(SectionProperties.MARGIN_LEFT, 720 + random.nextInt(1440))
                .set(SectionProperties.MARGIN_RIGHT, 720 + random.nextInt(1440))
                .set(SectionProperties.MARGIN_TOP, 720 + random.nextInt(1440))
                .set(SectionProperties.COLUMNS, columns)
                .build();
    }

    private static PropertySet paragraph(Random random) {
        return new PropertySet.Builder()
                .set(ParagraphProperties.ALIGNMENT, Alignment.values()[random.nextInt(4)])
                .set(ParagraphProperties.INDENT_LEFT, random.nextInt(3) * 360)
                .set(ParagraphProperties.INDENT_FIRST_LINE, random.nextInt(3) * 360)
                .set(ParagraphProperties.SPACE_AFTER, random.nextInt(3) * 120)
                .set(ParagraphProperties.SPACE_BEFORE, random.nextInt(3) * 120)
                .set(ParagraphProperties.KEEP_WITH_NEXT, random.nextInt(8) == 0)
                .set(ParagraphProperties.KEEP_LINES, random.nextInt(8) == 0)
                .set(ParagraphProperties.WIDOW_CONTROL, random.nextBoolean())
                .set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1 + random.nextInt(3) / 2.0))
                .build();
    }

    private static Anchor anchor(Random random) {
        if (random.nextInt(3) == 0) {
            return null;
        }
        Anchor.Wrap wrap = random.nextBoolean() ? Anchor.Wrap.AROUND : Anchor.Wrap.ABOVE_AND_BELOW;
        Anchor.Axis across =
                Anchor.Axis.aligned(Anchor.Reference.MARGINS, Anchor.Alignment.values()[random.nextInt(3)]);
        return new Anchor(wrap, across, Anchor.Axis.offset(Anchor.Reference.TEXT, 0), new Anchor.Distances(0, 0, 0, 0));
    }
}
