package grintel.core.rule;

import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import java.util.List;
import org.junit.jupiter.api.Test;

class SheetOrientationRuleTest {
    private static final String RULE = "sheet.orientation";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void aPaperOnItsSideIsOffAndPutRight() {
        Draft.mla()
                .sheet(b -> b.section(SectionProperties.PAGE_WIDTH, 15840)
                        .section(SectionProperties.PAGE_HEIGHT, 12240)
                        .section(SectionProperties.LANDSCAPE, true))
                .rule(RULE)
                .isOff("on its side", "upright")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void aSectionWithOnlyAWideTableMayLie() {
        Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> b.table(List.of(6000, 6000), List.of(List.of("a", "b")), PropertySet.empty())
                        .paragraph("")
                        .section(SectionProperties.PAGE_WIDTH, 15840)
                        .section(SectionProperties.PAGE_HEIGHT, 12240)
                        .endSection())
                .add(b -> b.section(SectionProperties.PAGE_WIDTH, 12240).section(SectionProperties.PAGE_HEIGHT, 15840))
                .rule(RULE)
                .isMet();
    }

    @Test
    void itsNumberTitleAndNoteLieWithTheTableButNoTextDoes() {
        lying(List.of("Table 1", "Lamps by Quay"), true, "Note. Counted by hand.")
                .isMet();
        lying(List.of(Draft.PROSE), true, "").isOff("on its side", "upright");
        lying(List.of("Table 1", "Lamps by Quay"), false, "").isOff("on its side", "upright");
        lying(List.of(""), false, "").isOff("on its side", "upright");
    }

    private static RuleCase lying(List<String> above, boolean table, String below) {
        return Draft.mla()
                .add(b -> b.paragraph(Draft.PROSE).endSection())
                .add(b -> {
                    above.forEach(b::paragraph);
                    if (table) {
                        b.table(List.of(6000, 6000), List.of(List.of("a", "b")), PropertySet.empty());
                    }
                    b.paragraph(below)
                            .section(SectionProperties.PAGE_WIDTH, 15840)
                            .section(SectionProperties.PAGE_HEIGHT, 12240)
                            .endSection();
                })
                .add(b -> b.section(SectionProperties.PAGE_WIDTH, 12240).section(SectionProperties.PAGE_HEIGHT, 15840))
                .rule(RULE);
    }

    @Test
    void aSquareSheetStands() {
        Draft.mla()
                .sheet(b ->
                        b.section(SectionProperties.PAGE_WIDTH, 12240).section(SectionProperties.PAGE_HEIGHT, 12240))
                .rule(RULE)
                .isMet();
    }
}
