package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.edit.PaperEditor;
import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.PropertySet;
import grintel.core.rule.objects.Renumbering;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import grintel.core.typeset.Proof;
import grintel.core.typeset.Typesetter;
import java.util.Collections;
import java.util.List;
import java.util.Objects;
import org.junit.jupiter.api.Test;

/** Room among the tables of a text for one more: two stand there, a third is spoken of, an appendix counts anew. */
class TablesRenumberingTest {
    private static final List<List<String>> GRID =
            List.of(List.of("Quay", "Lamps"), List.of("North", "14"), List.of("South", "12"));

    private final Paper paper = table(
                    table(
                                    Draft.mla()
                                            .guide("apa-7-student")
                                            .text(line -> line.text("See Table 1 and Tables 2 and 4. " + Draft.PROSE)),
                                    "Table 1")
                            .text(line -> line.text("Of Table 2 and Table A1 more below. " + Draft.PROSE)),
                    "Table 2")
            .text(line -> line.text("So far Table 2. " + Draft.PROSE))
            .build();
    private final Renumbering tables = new Renumbering(exam(), PartKind.TABLE);

    private static Draft table(Draft draft, String number) {
        return draft.add(out -> out.paragraph(line -> line.text(number, Draft.BOLD))
                .paragraph(line -> line.text("Lamps by Quay", Draft.ITALIC))
                .table(Collections.nCopies(2, 1500), GRID, PropertySet.empty()));
    }

    private Examination exam() {
        Proof proof = Typesetter.typeset(paper, WorkLimits.within(20));
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find("apa-7-student")), null, Facts.of("Solvane", ""));
        return new Examination(paper, proof, Parts.recognise(paper, proof), brief);
    }

    private Paragraph paragraph(String opens) {
        return paper.paragraphs().stream()
                .filter(paragraph -> paragraph.text().startsWith(opens))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void oneThatComesInTakesTheNumberOfItsPlace() {
        assertThat(tables.numberAfter(paper.paragraphs().get(0))).isEqualTo(1);
        assertThat(tables.numberAfter(paragraph("See Table 1"))).isEqualTo(1);
        assertThat(tables.numberAfter(paragraph("Table 1"))).isEqualTo(2);
        assertThat(tables.numberAfter(paragraph("Of Table 2"))).isEqualTo(2);
        assertThat(tables.numberAfter(paragraph("So far"))).isEqualTo(3);
    }

    @Test
    void aNumberSpokenOfThatNothingBearsIsWaitedFor() {
        assertThat(tables.isWaitedFor(4)).isTrue();
        assertThat(tables.isWaitedFor(2)).isFalse();
        assertThat(tables.isWaitedFor(3)).isFalse();
        assertThat(tables.firstWaiting())
                .isEqualTo(paragraph("See Table 1").address().index());
        assertThat(new Renumbering(exam(), PartKind.FIGURE).firstWaiting()).isEqualTo(-1);
    }

    @Test
    void thoseAfterItMoveUpWithTheirMentions() {
        Paper after = PaperEditor.apply(paper, tables.makeRoom(2));
        assertThat(after.paragraphs())
                .extracting(Paragraph::text)
                .contains("Table 1", "Table 3")
                .doesNotContain("Table 2")
                .anyMatch(text -> text.startsWith("See Table 1 and Tables 3 and 5. "))
                .anyMatch(text -> text.startsWith("Of Table 3 and Table A1 more below. "))
                .anyMatch(text -> text.startsWith("So far Table 3. "));
        assertThat(tables.makeRoom(3)).isEmpty();
    }

    @Test
    void whatItIsCalledInTheText() {
        assertThat(tables.mention(2)).isEqualTo("Table 2");
        assertThat(new Renumbering(exam(), PartKind.FIGURE).mention(3)).isEqualTo("Figure 3");
    }
}
