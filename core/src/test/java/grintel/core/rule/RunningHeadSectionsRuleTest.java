package grintel.core.rule;

import grintel.core.paper.Marginals;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class RunningHeadSectionsRuleTest {
    private static final String RULE = "running-head.sections";

    @Test
    void met() {
        Draft.mla().add(b -> b.paragraph(Draft.PROSE).endSection()).rule(RULE).isMet();
    }

    @Test
    void aSectionWithAHeaderOfItsOwnTakesTheOneBefore() {
        Draft.mla()
                .text(p -> p.text((Draft.PROSE + " ").repeat(20)))
                .add(b -> b.paragraph(p -> p.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                                .text(Draft.PROSE))
                        .endSection())
                .add(b -> b.header(
                        Marginals.Variant.DEFAULT,
                        h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                                .text("Works")))
                .rule(RULE)
                .isOff("“Works”", "the same header")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void absentInAPaperOfOneSection() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void absentWhereNoSectionHasAHeader() {
        Draft.mla()
                .header(null)
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .rule(RULE)
                .isAbsent();
    }

    @Test
    void aFirstSectionThatDiffersIsWrittenAsTheOthersAre() {
        Draft.mla()
                .headerLine(h ->
                        h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).text("Works"))
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.header(
                        Marginals.Variant.DEFAULT,
                        h -> h.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT)
                                .text("Solvane ")
                                .pageNumber(PropertySet.empty())))
                .text(p -> p.text((Draft.PROSE + " ").repeat(30)))
                .rule(RULE)
                .isOff("“Works”", "the same header")
                .putRight();
    }

    @Test
    void aSectionAfterOneThatDiffersToIsWrittenAnew() {
        Draft draft = Draft.mla().text(p -> p.text((Draft.PROSE + " ").repeat(30)));
        for (String words : List.of("Second", "Third")) {
            draft.add(b -> b.paragraph(Draft.PROSE).endSection())
                    .add(b -> b.header(Marginals.Variant.DEFAULT, h -> h.text(words)));
        }
        draft.rule(RULE).areOff("“Second”", "“Third”").putRight();
    }
}
