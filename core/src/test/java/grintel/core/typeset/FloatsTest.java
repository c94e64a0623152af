package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Anchor;
import grintel.core.paper.Anchor.Alignment;
import grintel.core.paper.Anchor.Axis;
import grintel.core.paper.Anchor.Reference;
import grintel.core.paper.Anchor.Wrap;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Pictures beside the flow. Letter, margins of an inch. */
class FloatsTest {
    private static final int INCH = Millipoints.PER_INCH;
    private static final String PROSE = "The keepers ring the bell when the fog comes down on the flats. ".repeat(12);

    private static Anchor anchor(Wrap wrap, Axis across, Axis down) {
        return new Anchor(wrap, across, down, new Anchor.Distances(0, 0, 0, 0));
    }

    @Test
    void textRunsBesideAPictureAtTheRightAndBelowItAsWideAsEver() {
        Anchor right =
                anchor(Wrap.AROUND, Axis.aligned(Reference.MARGINS, Alignment.END), Axis.offset(Reference.TEXT, 0));
        ProofPage page =
                new TestPaper().pictured(PROSE, 2, 1, right).proof().pages().get(0);
        PlacedPicture picture = page.pictures().get(0);
        assertThat(picture.x()).isEqualTo(INCH * 11 / 2);
        for (ProofLine line : page.lines()) {
            boolean beside = line.top() < picture.y() + picture.height();
            assertThat(line.right()).isLessThanOrEqualTo(beside ? picture.x() : INCH * 15 / 2);
        }
        assertThat(page.lines()).anyMatch(line -> line.right() > picture.x() + INCH);
    }

    @Test
    void textAtTheLeftOfAPictureStartsBehindIt() {
        Anchor left = anchor(Wrap.AROUND, Axis.offset(Reference.TEXT, 0), Axis.offset(Reference.TEXT, 0));
        ProofPage page =
                new TestPaper().pictured(PROSE, 2, 1, left).proof().pages().get(0);
        assertThat(page.lines().get(0).x()).isEqualTo(3 * INCH);
        assertThat(page.lines().get(page.lines().size() - 1).x()).isEqualTo(INCH);
    }

    @Test
    void aPictureAcrossTheColumnPushesTheTextBelowIt() {
        Anchor across = anchor(
                Wrap.ABOVE_AND_BELOW,
                Axis.aligned(Reference.MARGINS, Alignment.CENTRE),
                Axis.offset(Reference.TEXT, 0));
        ProofPage page = new TestPaper()
                .paragraph("above", PropertySet.empty())
                .pictured(PROSE, 4, 2, across)
                .proof()
                .pages()
                .get(0);
        PlacedPicture picture = page.pictures().get(0);
        assertThat(picture.x()).isEqualTo(INCH * 17 / 4 - 2 * INCH);
        ProofLine first = page.lines().get(1);
        assertThat(first.y()).isGreaterThan(picture.y() + picture.height());
    }

    @Test
    void aPictureTheTextRunsOverChangesNoLine() {
        Anchor behind = anchor(Wrap.NONE, Axis.offset(Reference.SHEET, 0), Axis.offset(Reference.SHEET, 0));
        List<ProofLine> with = new TestPaper()
                .pictured(PROSE, 8, 8, behind)
                .proof()
                .pages()
                .get(0)
                .lines();
        List<ProofLine> without = new TestPaper()
                .paragraph(PROSE, PropertySet.empty())
                .proof()
                .pages()
                .get(0)
                .lines();
        assertThat(with)
                .extracting(ProofLine::text)
                .isEqualTo(without.stream().map(ProofLine::text).toList());
    }

    @Test
    void whatIsLeftOfAParagraphIsSetAnewOnTheNextPage() {
        Anchor right =
                anchor(Wrap.AROUND, Axis.aligned(Reference.MARGINS, Alignment.END), Axis.offset(Reference.TEXT, 0));
        Proof proof = new TestPaper()
                .paragraphs(40, "line", PropertySet.empty())
                .pictured(PROSE.repeat(2), 3, 2, right)
                .proof();
        StringBuilder read = new StringBuilder();
        proof.lines(ParagraphAddress.text(40))
                .forEach(placed -> read.append(placed.line().text()).append(' '));
        assertThat(read.toString().strip().replaceAll("\\s+", " "))
                .isEqualTo(PROSE.repeat(2).strip());
        ProofLine onNext = proof.pages().get(1).lines().get(0);
        assertThat(onNext.right()).isGreaterThan(INCH * 6);
    }
}
