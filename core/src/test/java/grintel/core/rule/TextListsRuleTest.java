package grintel.core.rule;

import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.specimen.Specimen;
import org.junit.jupiter.api.Test;

class TextListsRuleTest {
    private static final String RULE = "text.lists";

    private static Draft list(int indent, PropertySet more) {
        return Draft.mla().add(builder -> {
            builder.list(1, Specimen.bulleted());
            for (String item : new String[] {"oil by the quart", "wicks by the dozen"}) {
                builder.paragraph(line -> line.set(ParagraphProperties.INDENT_LEFT, indent)
                        .set(ParagraphProperties.INDENT_FIRST_LINE, -360)
                        .set(ParagraphProperties.NUMBERING_ID, 1)
                        .set(more)
                        .text(item));
            }
        });
    }

    @Test
    void met() {
        list(720, PropertySet.empty()).rule(RULE).isMet();
    }

    @Test
    void linesGapsAndIndentArePutRight() {
        PropertySet pasted = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.SINGLE)
                .with(ParagraphProperties.SPACE_AFTER, 160);
        list(2160, pasted).rule(RULE).areOff("1 line", "8 pt", "1.5 in").putRight();
    }

    @Test
    void typedBulletsAreTheWritersWork() {
        RuleCase typed = Draft.mla()
                .add(builder -> builder.paragraph(line -> line.text("• oil by the quart"))
                        .paragraph(line -> line.text("• wicks by the dozen")))
                .rule(RULE)
                .areOff("typed bullets or numbers");
        typed.isForTheWriter();
    }

    @Test
    void absentWithoutLists() {
        Draft.mla().rule(RULE).isAbsent();
    }
}
