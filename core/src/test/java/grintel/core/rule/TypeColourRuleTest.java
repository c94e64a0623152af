package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Colour;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import java.util.List;
import org.junit.jupiter.api.Test;

class TypeColourRuleTest {
    private static final String RULE = "type.colour";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void colourHighlightingAndShadingAreOffAndPutRight() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.COLOUR, new Colour(0xC00000))))
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.HIGHLIGHT, "yellow")))
                .text(p ->
                        p.set(ParagraphProperties.SHADING, new Colour(0xDDDDDD)).text(Draft.PROSE))
                .rule(RULE)
                .areOff("#C00000", "yellow", "shaded")
                .at(8)
                .putRight();
    }

    @Test
    void whatPrintsBlackIsBlack() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.COLOUR, new Colour(0x000000))))
                .rule(RULE)
                .isMet();
    }

    @Test
    void whatCannotBeSeenHasNoColour() {
        PropertySet red = PropertySet.of(CharacterProperties.COLOUR, new Colour(0xC00000));
        PropertySet yellow = PropertySet.of(CharacterProperties.HIGHLIGHT, "yellow");
        PropertySet grey = PropertySet.of(CharacterProperties.SHADING, new Colour(0xDDDDDD));
        Draft.mla()
                .text(p -> p.text(Draft.PROSE)
                        .text("  ", red)
                        .text("  ", yellow)
                        .text("  ", grey)
                        .lineBreak()
                        .text("So it is."))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.HIGHLIGHT, "white")))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aGroundUnderWordsIsOffAndUnderATableIsNot() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.SHADING, new Colour(0xDDDDDD))))
                .rule(RULE)
                .areOff("shaded")
                .putRight();
        Draft.mla()
                .add(b -> b.table(
                        List.of(4000),
                        List.of(List.of("lamps")),
                        PropertySet.of(ParagraphProperties.SHADING, new Colour(0xDDDDDD))))
                .text(p -> p.text(Draft.PROSE))
                .rule(RULE)
                .isMet();
    }
}
