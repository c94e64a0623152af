package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class OpeningKeywordsRuleTest {
    private static final String RULE = "opening.keywords";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front professional(Consumer<ParagraphBuilder> keywords) {
        return Front.of("apa-7-professional")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .over("Abstract")
                .left(Draft.PROSE)
                .block(out -> out.paragraph(keywords))
                .over(TITLE);
    }

    @Test
    void met() {
        professional(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                        .text("Keywords:", Draft.ITALIC)
                        .text(" lamps, canals"))
                .rule(RULE)
                .isMet();
    }

    @Test
    void labelIndentAndFullStopArePutRight() {
        professional(line -> line.text("Key words: lamps, canals."))
                .rule(RULE)
                .areOff("“Key words:”", "upright", "0 in", "a full stop at its end")
                .putRight();
    }

    @Test
    void absentWithoutKeywords() {
        Draft.mla().guide("apa-7-professional").rule(RULE).isAbsent();
    }
}
