package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Formatting;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class TypeEmphasisRuleTest {
    private static final String RULE = "type.emphasis";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void underliningAndBoldParagraphsAreAskedAboutAndPutRight() {
        Draft.mla()
                .text(p -> p.text("Some words and then ")
                        .text("The Weir Ledger", PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                        .text(Draft.PROSE))
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.BOLD, true)))
                .rule(RULE)
                .areOff("1 paragraph", "1 paragraph")
                .quoting("The Weir Ledger")
                .isAsked()
                .putRight();
    }

    @Test
    void aShortNameInCapitalsIsNoShout() {
        Draft.mla()
                .text(p -> p.text("The NATO and the UN. " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void underlinedWordsBecomeItalicAndBoldOnesPlain() {
        RuleCase after = Draft.mla()
                .text(p -> p.text("The Weir Ledger", PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                        .text(Draft.PROSE))
                .text(p -> p.text(Draft.PROSE, PropertySet.of(CharacterProperties.BOLD, true)))
                .rule(RULE)
                .putRight();
        assertThat(first(after, 8).get(CharacterProperties.ITALIC)).isTrue();
        assertThat(first(after, 9).get(CharacterProperties.ITALIC)).isFalse();
    }

    private static Formatting first(RuleCase of, int paragraph) {
        return of.paper().paragraphs().get(paragraph).texts().get(0).format();
    }

    @Test
    void fourWordsInCapitalsShoutAndThreeOrSignsDoNot() {
        shouted("LIGHT ALL THE LAMPS", false).areOff("1 paragraph").isForTheWriter();
        shouted("LIGHT ALL LAMPS", false).isMet();
        shouted("A-1 234 567 890 123 B-2 345", false).isMet();
        RuleCase after =
                shouted("Light all the lamps", true).areOff("1 paragraph").putRight();
        assertThat(first(after, 8).get(CharacterProperties.ITALIC)).isTrue();
        assertThat(first(after, 8).get(CharacterProperties.CAPITALS)).isFalse();
    }

    private static RuleCase shouted(String words, boolean capitals) {
        return Draft.mla()
                .text(p -> p.text(words, PropertySet.of(CharacterProperties.CAPITALS, capitals))
                        .text(" " + Draft.PROSE))
                .rule(RULE);
    }

    @Test
    void oneBoldWordAndABoldParagraphWithAPlainOneAreEmphasis() {
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, Draft.BOLD).text("  ").text("So."))
                .rule(RULE)
                .isMet();
        Draft.mla()
                .text(p -> p.text(Draft.PROSE, Draft.BOLD).text("  "))
                .rule(RULE)
                .areOff("1 paragraph");
    }
}
