package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class OpeningAuthorNoteRuleTest {
    private static final String RULE = "opening.author-note";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front professional(String label, int before, int indent) {
        Consumer<ParagraphBuilder> lowered = line -> line.set(ParagraphProperties.SPACE_BEFORE, before);
        return Front.of("apa-7-professional")
                .title(TITLE)
                .line("Marit Solvane")
                .line("Department of Letters, Brackwater College")
                .title(label, lowered)
                .block(out -> out.paragraph(line ->
                        line.set(ParagraphProperties.INDENT_FIRST_LINE, indent).text(Draft.PROSE)))
                .over("Abstract")
                .left(Draft.PROSE)
                .over(TITLE);
    }

    @Test
    void met() {
        professional("Author Note", 3600, 720).rule(RULE).isMet();
    }

    @Test
    void labelPlaceAndIndentArePutRight() {
        professional("Author note", 0, 0)
                .rule(RULE)
                .areOff("“Author note”", "upper half of the page", "0 in")
                .putRight();
    }

    @Test
    void absentWithoutANote() {
        Draft.mla().guide("apa-7-professional").rule(RULE).isAbsent();
    }
}
