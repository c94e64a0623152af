package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

class SourcesLinksRuleTest {
    private static final String RULE = "sources.links";
    private static final PropertySet BLUE = new PropertySet.Builder()
            .set(CharacterProperties.UNDERLINE, "single")
            .set(CharacterProperties.COLOUR, new Colour(0x0000FF))
            .build();

    private static Consumer<ParagraphBuilder> linked(String names, PropertySet look) {
        return line -> line.text(names + " ")
                .text("Bells", Draft.ITALIC)
                .text(". ")
                .link("https://tidewrack.example/bells")
                .text("tidewrack.example/bells", look)
                .link("")
                .text(".");
    }

    @Test
    void absentWithoutLinks() {
        Draft.mla().rule(RULE).isAbsent();
    }

    @Test
    void linksThatReadAsTextAreMet() {
        Draft.mla()
                .entries(List.of(linked("Keel, J. R.", PropertySet.empty())))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aBlueLinkIsMadeText() {
        Draft.mla()
                .entries(List.of(linked("Keel, J. R.", BLUE), linked("Verholt, Ansa.", PropertySet.empty())))
                .rule(RULE)
                .isOff("by colour or a line", "as the text does")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void whereTheGuideLeavesTheLookAllMustBeAlike() {
        Draft.mla()
                .guide("apa-7-student")
                .entries(List.of(linked("Keel, J. R.", BLUE), linked("Verholt, A.", BLUE)))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .guide("apa-7-student")
                .entries(List.of(linked("Keel, J. R.", BLUE), linked("Verholt, A.", PropertySet.empty())))
                .rule(RULE)
                .isOff("by colour or a line", "as the text does")
                .putRight();
    }
}
