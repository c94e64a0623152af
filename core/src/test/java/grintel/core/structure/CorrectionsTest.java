package grintel.core.structure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import grintel.core.paper.Paper;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.rule.Wording;
import java.util.Arrays;
import java.util.Set;
import org.junit.jupiter.api.Test;

class CorrectionsTest {
    private static final String PROSE =
            "The keepers ring for the boats, and the birds have already gone to the far side"
                    + " of the flat to wait for them to finish their work and go home to bed again.";

    private static Paper paper(String... paragraphs) {
        PaperBuilder out = new PaperBuilder();
        Arrays.stream(paragraphs).forEach(out::paragraph);
        return out.build();
    }

    private static Parts parts(Paper paper, Corrections corrections) {
        return Outline.seen(paper, corrections);
    }

    private final Paper first = paper(PROSE, "Oil is dear.", PROSE + " Again.", "Oil is dear.", PROSE + " And again.");

    @Test
    void whatTheWriterSaysHoldsAboveAllElse() {
        Corrections said = Corrections.NONE.with(first, Set.of(3), PartKind.HEADING, 2);
        Parts parts = parts(first, said);
        assertThat(parts.kind(1)).isEqualTo(PartKind.PARAGRAPH);
        assertThat(parts.kind(3)).isEqualTo(PartKind.HEADING);
        assertThat(parts.headingLevel(3)).isEqualTo(2);
        assertThat(parts.isCorrected(3)).isTrue();
        assertThat(parts.doubt(3)).isZero();
        assertThat(parts.evidence(3).get(0).because()).isEqualTo("you say so");
    }

    @Test
    void itIsFoundAgainWhereverTheParagraphWent() {
        Corrections said = Corrections.NONE.with(first, Set.of(3), PartKind.HEADING, 2);
        Paper moved = paper(
                "A new start. " + PROSE,
                PROSE,
                "Oil is dear.",
                PROSE + " Again.",
                "",
                "Oil is dear!",
                PROSE + " And again.");
        assertThat(parts(moved, said).kind(5)).isEqualTo(PartKind.HEADING);
        assertThat(parts(moved, said).kind(2)).isEqualTo(PartKind.PARAGRAPH);
    }

    @Test
    void withOtherWordsItIsFoundByItsNeighbours() {
        Corrections said = Corrections.NONE.with(first, Set.of(3), PartKind.HEADING, 2);
        Paper reworded = paper(PROSE, "Oil is cheap.", PROSE + " Again.", "Water is dear.", PROSE + " And again.");
        assertThat(parts(reworded, said).kind(3)).isEqualTo(PartKind.HEADING);
    }

    @Test
    void itIsTakenBackAndReplaced() {
        Corrections said = Corrections.NONE.with(first, Set.of(1, 3), PartKind.HEADING, null);
        assertThat(said.with(first, Set.of(3), null, null).all()).hasSize(1);
        Corrections replaced = said.with(first, Set.of(3), PartKind.ENTRY, null);
        assertThat(replaced.all()).hasSize(2);
        assertThat(parts(first, replaced).kind(3)).isEqualTo(PartKind.ENTRY);
    }

    @Test
    void whatHoldsOthersIsNoKindOfAParagraph() {
        assertThatThrownBy(() -> Corrections.NONE.with(first, Set.of(1), PartKind.SECTION, null))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(PartKind.CORRECTABLE)
                .allSatisfy(kind -> assertThat(Wording.part(kind)).isNotBlank());
    }
}
