package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.Origin;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
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

    @Test
    void aBlockSetInBySpacesIsMeasuredAndSetInByItsIndent() {
        RuleCase after = block("apa-7-student", 1440, line -> line.text("    " + Draft.PROSE))
                .rule(RULE)
                .areOff("1 in")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).isEqualTo(Draft.PROSE);
    }

    @Test
    void theMarksOfABlockOfSeveralParagraphsMayBeThoseOfSpeech() {
        Draft draft = block("apa-7-student", 720, line -> line.text("“" + Draft.PROSE + "”"));
        draft.add(out -> out.paragraph(
                        line -> line.set(ParagraphProperties.INDENT_LEFT, 720).text(Draft.PROSE)))
                .rule(RULE)
                .isMet();
    }

    @Test
    void blocksInAStyleOfTheirOwnArePutRightInIt() {
        PropertySet far = PropertySet.of(ParagraphProperties.INDENT_LEFT, 1440);
        Draft draft = Draft.mla()
                .guide("apa-7-student")
                .sheet(b -> b.style("Quote", "Quote", Style.Kind.PARAGRAPH, "Normal", far, PropertySet.empty()));
        for (int i = 0; i < 2; i++) {
            draft.add(b -> b.paragraph(line -> line.style("Quote").text(Draft.PROSE)))
                    .text(line -> line.text(Draft.PROSE));
        }
        RuleCase after = draft.rule(RULE).isOff("1 in", "0.5 in").at(8, 10).putRight();
        assertThat(after.paper().paragraphs().get(8).format().origin(ParagraphProperties.INDENT_LEFT))
                .isEqualTo(new Origin.OfStyle("Quote"));
    }

    @Test
    void linesSetInBySpacesAreABlockAndGetAnIndent() {
        RuleCase after = Draft.mla()
                .add(b -> b.paragraph(line -> line.text("          The lamp comes first and then the water,")
                        .lineBreak()
                        .text("          and then the town and all the people in it,")
                        .lineBreak()
                        .text("\tand nobody has said a word.")))
                .rule(RULE)
                .isOff("0.42 in", "0.5 in")
                .putRight();
        Paragraph block = after.paper().paragraphs().get(8);
        assertThat(block.leftIndent()).isEqualTo(720);
        assertThat(block.text())
                .isEqualTo("The lamp comes first and then the water,\nand then the town and all the people in it,"
                        + "\nand nobody has said a word.");
    }
}
