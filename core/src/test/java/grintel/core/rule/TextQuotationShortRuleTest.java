package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import org.junit.jupiter.api.Test;

class TextQuotationShortRuleTest {
    private static final String RULE = "text.quotation-short";

    private static Draft block(String words) {
        return Draft.mla()
                .guide("apa-7-student")
                .add(builder -> builder.paragraph(
                        line -> line.set(ParagraphProperties.INDENT_LEFT, 720).text(words)));
    }

    @Test
    void met() {
        block(Draft.PROSE).rule(RULE).isMet();
    }

    @Test
    void aShortOneRunsOnWhenTheWriterAgrees() {
        block("The lamp comes first, and then the water, and then the town.")
                .rule(RULE)
                .isOff("12 words", "40 words at least")
                .isAsked()
                .putRight();
    }

    @Test
    void absentWithoutBlocks() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void fourLinesOfVerseAreABlockInMlaAndTwoWhereNoNumberIsSaid() {
        verse("mla-9", 4).isMet();
        verse("mla-9", 3).isOff("3 lines of verse", "4 lines of verse at least").isForTheWriter();
        verse("apa-7-student", 2).isMet();
    }

    private static RuleCase verse(String guide, int lines) {
        return Draft.mla()
                .guide(guide)
                .add(out -> {
                    for (int i = 0; i < lines; i++) {
                        out.paragraph(line ->
                                line.set(ParagraphProperties.INDENT_LEFT, 720).text("the lamp comes first"));
                    }
                })
                .rule(RULE);
    }

    @Test
    void versePartedByHardBreaksIsCountedByThem() {
        Draft.mla()
                .add(out -> out.paragraph(line -> line.set(ParagraphProperties.INDENT_LEFT, 720)
                        .text("the lamp comes first")
                        .lineBreak()
                        .text("and then the water")
                        .lineBreak()
                        .text("and then the town")
                        .lineBreak()
                        .text("and we")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void oneThatNoTextComesBeforeIsForTheWriter() {
        Draft.mla()
                .guide("apa-7-student")
                .headingStyles()
                .add(out -> out.paragraph(line -> line.style("H1").text("Oil", Draft.BOLD)))
                .add(out -> out.paragraph(line -> line.set(ParagraphProperties.INDENT_LEFT, 720)
                        .text("The lamp comes first, and then the water.")))
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isOff("8 words", "40 words at least")
                .isForTheWriter();
    }

    @Test
    void blocksThatTextPartsAreTwoAndABlankLinePartsNone() {
        String half = Draft.PROSE.substring(0, 60);
        Draft two = Draft.mla().guide("apa-7-student");
        for (int i = 0; i < 2; i++) {
            two.add(out -> out.paragraph(line ->
                            line.set(ParagraphProperties.INDENT_LEFT, 720).text(half)))
                    .text(line -> line.text(Draft.PROSE));
        }
        two.rule(RULE).isOff("13 words", "40 words at least").at(8, 10);
        Draft.mla()
                .guide("apa-7-student")
                .add(out -> out.paragraph(line ->
                                line.set(ParagraphProperties.INDENT_LEFT, 720).text(Draft.PROSE))
                        .paragraph("")
                        .paragraph(line ->
                                line.set(ParagraphProperties.INDENT_LEFT, 720).text(half)))
                .rule(RULE)
                .isMet();
    }
}
