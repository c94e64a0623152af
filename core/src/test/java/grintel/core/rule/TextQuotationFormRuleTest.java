package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class TextQuotationFormRuleTest {
    private static final String RULE = "text.quotation-form";

    private static Draft block(String guide, int indent, Consumer<ParagraphBuilder> change) {
        return Draft.mla()
                .guide(guide)
                .add(builder -> builder.paragraph(line -> {
                    line.set(ParagraphProperties.INDENT_LEFT, indent);
                    change.accept(line);
                }));
    }

    @Test
    void met() {
        block("apa-7-student", 720, line -> line.text(Draft.PROSE)).rule(RULE).isMet();
    }

    @Test
    void indentLinesGapAndMarksArePutRight() {
        block(
                        "apa-7-student",
                        1440,
                        line -> line.set(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                                .set(ParagraphProperties.SPACE_BEFORE, 120)
                                .text("“" + Draft.PROSE + "” (Keel, 2016)."))
                .rule(RULE)
                .areOff("1 in", "1 line", "6 pt", "quotation marks around it")
                .putRight();
    }

    @Test
    void notesGuidesAskForSingleLinesAndABlankOneAround() {
        block("chicago-notes", 720, line -> line.text(Draft.PROSE))
                .rule(RULE)
                .areOff("2 lines", "0 pt", "0 pt")
                .putRight();
    }

    @Test
    void absentWithoutBlocks() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
