package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Anchor;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Frame;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.Story;
import grintel.core.paper.TabPosition;
import grintel.core.paper.TabStops;
import grintel.core.paper.build.PaperBuilder;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Frames, positional tabs, and paragraphs that are read as one with the next. */
class BesideTheFlowTest {
    private static final int INCH = Millipoints.PER_INCH;
    private static final PropertySet HIDDEN = PropertySet.of(CharacterProperties.HIDDEN, true);
    private static final String PROSE = "The mill stood at the weir and ground what the valley grew. ".repeat(12);

    private static List<ProofLine> lines(Proof proof) {
        return proof.pages().get(0).lines();
    }

    private static Frame frame(Frame.Axis across, boolean wraps, int dropLines) {
        return new Frame(0, 0, 0, 0, wraps, across, Frame.Axis.START, dropLines);
    }

    @Test
    void aParagraphWhoseMarkIsHiddenStandsInOneLineWithTheNext() {
        List<ProofLine> lines = lines(new TestPaper()
                .paragraph("above", PropertySet.empty())
                .paragraph(each ->
                        each.mark(HIDDEN).text("Grain and water. ", PropertySet.of(CharacterProperties.BOLD, true)))
                .paragraph(PROSE, PropertySet.of(ParagraphProperties.INDENT_FIRST_LINE, 720))
                .proof());
        ProofLine head = lines.get(1);
        ProofLine first = lines.get(2);
        assertThat(head.text()).isEqualTo("Grain and water. ");
        assertThat(head.x())
                .as("the paragraph whose mark shows says how it is set")
                .isEqualTo(INCH * 3 / 2);
        assertThat(first.y()).isEqualTo(head.y());
        assertThat(first.x()).isGreaterThanOrEqualTo(head.right());
        assertThat(first.paragraph().index()).isEqualTo(2);
        assertThat(first.lineInParagraph()).isZero();
        assertThat(lines.get(3).lineInParagraph()).isEqualTo(1);
        assertThat(lines.get(3).y()).isGreaterThan(first.y());
        assertThat(lines.get(3).x()).isEqualTo(INCH);
    }

    @Test
    void aDeletedMarkJoinsParagraphsToo() {
        List<ProofLine> lines = lines(new TestPaper()
                .paragraph(each -> each.markRevision(Revision.DELETED).text("one "))
                .paragraph(each -> each.markRevision(Revision.DELETED).text("two "))
                .paragraph("three", PropertySet.empty())
                .proof());
        assertThat(lines).extracting(ProofLine::text).containsExactly("one ", "two ", "three");
        assertThat(lines).extracting(ProofLine::y).containsOnly(lines.get(0).y());
    }

    @Test
    void aParagraphOfWhichNothingShowsTakesNoRoom() {
        Proof with = new TestPaper()
                .paragraph("above", PropertySet.empty())
                .paragraph(each -> each.mark(HIDDEN).text("seen by nobody", HIDDEN))
                .paragraph("below", PropertySet.empty())
                .proof();
        Proof without = new TestPaper()
                .paragraph("above", PropertySet.empty())
                .paragraph("below", PropertySet.empty())
                .proof();
        assertThat(lines(with))
                .extracting(ProofLine::y)
                .isEqualTo(lines(without).stream().map(ProofLine::y).toList());
    }

    @Test
    void textRunsBesideADroppedInitial() {
        PropertySet large = PropertySet.of(CharacterProperties.SIZE, 96);
        List<ProofLine> lines = lines(new TestPaper()
                .paragraph(each -> each.set(ParagraphProperties.FRAME, frame(Frame.Axis.START, true, 3))
                        .mark(large)
                        .text("T", large))
                .paragraph(PROSE, PropertySet.empty())
                .proof());
        ProofLine initial = lines.stream()
                .filter(line -> line.text().equals("T"))
                .findFirst()
                .orElseThrow();
        assertThat(initial.part()).isEqualTo(PagePart.TEXT);
        assertThat(initial.x()).isEqualTo(INCH);
        ProofLine first = lines.get(0);
        assertThat(first.top()).isEqualTo(initial.top());
        assertThat(first.x()).isGreaterThanOrEqualTo(initial.right());
        assertThat(lines).anyMatch(line -> line.paragraph().index() == 1 && line.x() == INCH);
    }

    @Test
    void textGoesOnBelowAFrameThatItDoesNotWrap() {
        Frame.Axis right = new Frame.Axis(Anchor.Reference.MARGINS, true, Anchor.Alignment.END, 0);
        List<ProofLine> lines = lines(new TestPaper()
                .paragraph(each -> each.set(ParagraphProperties.FRAME, frame(right, false, 0))
                        .text("aside"))
                .paragraph("the text", PropertySet.empty())
                .proof());
        ProofLine aside = lines.get(1);
        assertThat(aside.right()).isCloseTo(INCH * 15 / 2, within(20));
        assertThat(lines.get(0).y()).isGreaterThan(aside.top() + aside.height());
    }

    @Test
    void aFramedPageNumberStandsInTheHeaderWithEachPagesOwnNumber() {
        Frame.Axis right = new Frame.Axis(Anchor.Reference.MARGINS, true, Anchor.Alignment.END, 0);
        PaperBuilder paper = new PaperBuilder()
                .marginal(
                        Story.Kind.HEADER,
                        Marginals.Variant.DEFAULT,
                        blocks -> blocks.paragraph(each -> each.set(ParagraphProperties.FRAME, frame(right, true, 0))
                                        .pageNumber(PropertySet.empty()))
                                .paragraph("Ashdown"))
                .paragraph(each -> each.text("one").pageBreak())
                .paragraph("two");
        Proof proof = Typesetter.typeset(paper.build(), WorkLimits.within(60));
        for (ProofPage page : proof.pages()) {
            assertThat(page.lines(PagePart.HEADER)).hasSize(2);
            ProofLine number = page.lines(PagePart.HEADER).stream()
                    .filter(line -> line.text().equals(page.printedNumber()))
                    .findFirst()
                    .orElseThrow();
            assertThat(number.right()).isCloseTo(page.frame().right(), within(20));
        }
        assertThat(proof.pages()).hasSize(2);
    }

    @Test
    void positionalTabsSetTextInTheMiddleAndAtTheRightWhateverStopsThereAre() {
        PropertySet stops = PropertySet.of(
                ParagraphProperties.TAB_STOPS,
                new TabStops(List.of(new TabStops.Stop(1000, TabStops.Kind.LEFT, TabStops.Leader.NONE)), List.of()));
        List<ProofLine> lines = lines(new TestPaper()
                .paragraph(each -> each.set(stops)
                        .text("left")
                        .tab(new TabPosition(TabStops.Kind.CENTRE, true, TabStops.Leader.NONE))
                        .text("middle")
                        .tab(new TabPosition(TabStops.Kind.RIGHT, true, TabStops.Leader.NONE))
                        .text("right"))
                .proof());
        List<GlyphRun> runs = lines.get(0).runs();
        GlyphRun middle = runs.get(1);
        GlyphRun right = runs.get(2);
        assertThat(middle.x() + middle.width() / 2).isCloseTo(INCH * 17 / 4, within(20));
        assertThat(right.x() + right.width()).isCloseTo(INCH * 15 / 2, within(20));
    }
}
