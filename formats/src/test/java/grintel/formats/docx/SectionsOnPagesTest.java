package grintel.formats.docx;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.typeset.PagePart;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import grintel.core.typeset.ProofPage;
import grintel.core.typeset.Typesetter;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** Sections of a file as they come to lie on pages. */
class SectionsOnPagesTest {
    private static PaperBuilder builder() {
        return new PaperBuilder()
                .style("Normal", "Normal", Style.Kind.PARAGRAPH, null, PropertySet.empty(), PropertySet.empty());
    }

    private static Proof proof(PaperBuilder builder) {
        return Typesetter.typeset(
                DocxFile.read(DocxWriter.write(builder.build(), Map.of("word/media/image1.png", new byte[] {1})))
                        .paper(),
                WorkLimits.within(20));
    }

    private static String header(ProofPage page) {
        List<ProofLine> lines = page.lines(PagePart.HEADER);
        return lines.isEmpty() ? "" : lines.get(0).text();
    }

    @Test
    void eachSectionHasItsOwnSheetAndMargins() {
        Proof proof = proof(builder()
                .section(SectionProperties.MARGIN_LEFT, 2880)
                .paragraph("upright")
                .endSection()
                .section(SectionProperties.PAGE_WIDTH, 15840)
                .section(SectionProperties.PAGE_HEIGHT, 12240)
                .paragraph("on its side"));
        assertThat(proof.pages()).hasSize(2);
        assertThat(proof.pages().get(0).frame().left()).isEqualTo(144_000);
        assertThat(proof.pages().get(1).width()).isEqualTo(792_000);
        assertThat(proof.pages().get(1).frame().left()).isEqualTo(72_000);
    }

    @Test
    void aContinuousSectionGoesOnOnTheSamePage() {
        Proof proof = proof(builder()
                .paragraph("above")
                .endSection()
                .section(SectionProperties.BREAK, SectionProperties.Break.CONTINUOUS)
                .section(SectionProperties.MARGIN_LEFT, 2880)
                .paragraph("below"));
        assertThat(proof.pages()).hasSize(1);
        List<ProofLine> lines = proof.pages().get(0).lines();
        assertThat(lines.get(1).top())
                .isEqualTo(lines.get(0).top() + lines.get(0).height());
        assertThat(lines.get(1).x()).isEqualTo(144_000);
    }

    @Test
    void anOddPageSectionLeavesAPageBlankWhereItMust() {
        Proof proof = proof(builder()
                .paragraph("one")
                .endSection()
                .section(SectionProperties.BREAK, SectionProperties.Break.ODD_PAGE)
                .paragraph("three"));
        assertThat(proof.pages()).hasSize(3);
        assertThat(proof.pages().get(1).lines()).isEmpty();
        assertThat(proof.pageOf(ParagraphAddress.text(1))).isEqualTo(3);
    }

    @Test
    void textFillsOneColumnBeforeTheNext() {
        PaperBuilder out = builder().section(SectionProperties.COLUMNS, 2);
        for (int i = 0; i < 70; i++) {
            out.paragraph("line " + i);
        }
        ProofPage page = proof(out).pages().get(0);
        List<Integer> lefts =
                page.lines().stream().map(ProofLine::columnLeft).distinct().toList();
        assertThat(lefts).containsExactly(72_000, 72_000 + (468_000 - 36_000) / 2 + 36_000);
        ProofLine firstOfSecond = page.lines().stream()
                .filter(line -> line.columnLeft() == lefts.get(1))
                .findFirst()
                .orElseThrow();
        assertThat(firstOfSecond.top()).isEqualTo(page.frame().top());
    }

    @Test
    void numbersRunOnAndStartAgainAsTheSectionsSay() {
        Proof proof = proof(builder()
                .header(Marginals.Variant.DEFAULT, header -> header.text("p").pageNumber(PropertySet.empty()))
                .paragraph("one")
                .paragraph(paragraph -> paragraph.pageBreak().text("two"))
                .endSection()
                .paragraph("three")
                .endSection()
                .section(SectionProperties.PAGE_NUMBER_START, 10)
                .paragraph("ten"));
        assertThat(proof.pages()).extracting(SectionsOnPagesTest::header).containsExactly("p1", "p2", "p3", "p10");
    }

    @Test
    void firstAndEvenPagesHaveTheirOwnHeaders() {
        PaperBuilder out = builder()
                .settings(settings -> settings.withEvenPagesDiffer(true))
                .section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                .header(Marginals.Variant.FIRST, header -> header.text("first"))
                .header(Marginals.Variant.EVEN, header -> header.text("even"))
                .header(Marginals.Variant.DEFAULT, header -> header.text("odd"));
        out.paragraph("1");
        for (int i = 0; i < 3; i++) {
            out.paragraph(paragraph -> paragraph.pageBreak().text("next"));
        }
        assertThat(proof(out).pages())
                .extracting(SectionsOnPagesTest::header)
                .containsExactly("first", "even", "odd", "even");
    }

    @Test
    void aPictureHigherThanWhatIsLeftGoesToTheNextPage() {
        PaperBuilder out = builder();
        for (int i = 0; i < 40; i++) {
            out.paragraph("line " + i);
        }
        out.paragraph(
                paragraph -> paragraph.picture("word/media/image1.png", 914_400L * 4, 914_400L * 6, "a tall picture"));
        Proof proof = proof(out);
        assertThat(proof.pages()).hasSize(2);
        assertThat(proof.pages().get(1).pictures()).singleElement().satisfies(picture -> {
            assertThat(picture.height()).isEqualTo(432_000);
            assertThat(picture.y())
                    .isGreaterThanOrEqualTo(proof.pages().get(1).frame().top());
            assertThat(picture.alternative()).isEqualTo("a tall picture");
        });
    }

    @Test
    void cellsStandSideBySideWithinTheirColumns() {
        Proof proof = proof(builder()
                .table(
                        List.of(3000, 3000),
                        List.of(List.of("left", "right"), List.of("second row", "2")),
                        PropertySet.empty()));
        List<ProofLine> lines = proof.pages().get(0).lines();
        assertThat(lines).extracting(ProofLine::text).containsExactly("left", "right", "second row", "2");
        assertThat(lines.get(0).y()).isEqualTo(lines.get(1).y());
        assertThat(lines.get(1).x() - lines.get(0).x()).isEqualTo(3000 * 50);
        assertThat(lines.get(2).top())
                .isEqualTo(lines.get(0).top() + lines.get(0).height());
    }
}
