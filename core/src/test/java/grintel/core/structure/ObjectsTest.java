package grintel.core.structure;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Paper;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.specimen.Specimen;
import grintel.core.specimen.Specimen.Content;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** What belongs to a table or a figure, and what only speaks of one. */
class ObjectsTest {
    private static Parts parts(Consumer<PaperBuilder> between) {
        Specimen specimen = Specimen.of("mla-9", Content.NOTHING);
        specimen.between = between;
        Paper paper = specimen.build();
        return Outline.seen(paper, Corrections.NONE);
    }

    private static PartKind kind(Parts parts, String words) {
        for (int i = 0; i < parts.size(); i++) {
            if (parts.text(i).startsWith(words)) {
                return parts.kind(i);
            }
        }
        throw new AssertionError("No " + words);
    }

    @Test
    void aSentenceThatOpensWithANumberIsNoCaptionThoughATableFollows() {
        Parts parts = parts(paper -> paper.paragraph("Table 1 shows what was counted.")
                .paragraph("Table 1")
                .paragraph("Lamps and Sums")
                .table(List.of(4000, 4000), List.of(List.of("a", "b"), List.of("1", "2")), PropertySet.empty()));
        assertThat(kind(parts, "Table 1 shows")).isEqualTo(PartKind.PARAGRAPH);
        assertThat(kind(parts, "Lamps and")).isEqualTo(PartKind.CAPTION_TITLE);
    }

    @Test
    void severalPicturesUnderOneNumberAreOneFigure() {
        Parts parts = parts(paper -> paper.paragraph(line -> line.picture("a.png", 900_000, 900_000, "a"))
                .paragraph(line -> line.picture("b.png", 900_000, 900_000, "b"))
                .paragraph("Fig. 1. Two lamps")
                .paragraph(line -> line.picture("c.png", 900_000, 900_000, "c"))
                .paragraph("Fig. 2. One lamp"));
        List<Part> figures = parts.root().all(PartKind.FIGURE);
        assertThat(figures).hasSize(2);
        assertThat(figures.get(0).all(PartKind.PICTURE)).hasSize(2);
    }

    @Test
    void aTableThatHoldsAPictureUnderTheNumberOfAFigureIsOne() {
        Parts parts = parts(paper -> paper.table(table -> table.row(row -> row.cell(
                        format -> {},
                        blocks -> blocks.paragraph(line -> line.picture("a.png", 900_000, 900_000, "a")))))
                .paragraph("Figure 1. A lamp"));
        assertThat(parts.root().all(PartKind.FIGURE)).hasSize(1);
        assertThat(parts.root().all(PartKind.TABLE)).isEmpty();
    }

    @Test
    void bracketsThatOnlySendTheReaderOnAreNoCitation() {
        Parts parts = parts(
                paper -> paper.paragraph(line -> line.text("They burn at night (see Table 3). " + Specimen.PROSE)));
        assertThat(parts.root().all(PartKind.CITATION)).isEmpty();
        assertThat(parts.root().all(PartKind.MENTION)).hasSize(1);
    }

    @Test
    void anItemMarkedAsReversedIsNoHeading() {
        Parts parts = parts(paper -> paper.paragraph("1. I sleep well. (R)").paragraph(Specimen.PROSE));
        assertThat(kind(parts, "1. I sleep")).isEqualTo(PartKind.LIST_ITEM);
    }
}
