package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SpacingSentenceGapRuleTest {
    private static final String RULE = "spacing.sentence-gap";

    @Test
    void met() {
        Draft.mla().rule(RULE).isMet();
    }

    @Test
    void twoSpacesBecomeOneAlsoWhereTheyStraddleRuns() {
        RuleCase after = Draft.mla()
                .text(p -> p.text("One sentence.  Two sentences.").text(" ").text(" Three. " + Draft.PROSE))
                .rule(RULE)
                .isOff("2 spaces", "1 space")
                .at(8, 8)
                .quoting("sentence. Two", "sentences. Three.")
                .putRight();
        assertThat(after.paper().paragraphs().get(8).text()).startsWith("One sentence. Two sentences. Three.");
    }

    @Test
    void eachGapHasAPlaceOfItsOwnOnThePageItStandsOn() {
        Draft.mla()
                .text(p -> p.text("One gap.  Here it is. " + (Draft.PROSE + " ").repeat(30) + "Another.  There."))
                .rule(RULE)
                .isOff("2 spaces", "1 space")
                .quoting("gap. Here", "Another. There.")
                .onPages(1, 4);
    }

    @Test
    void marksThatCloseWithTheSentenceComeBetween() {
        gaps("(It is late.)  Then").isOff("2 spaces", "1 space");
        gaps("(“It is late!”)  Then").isOff("2 spaces", "1 space");
        gaps("(‘“It is late?”’)  Then").isOff("2 spaces", "1 space");
        gaps("((‘“It is late?”’))  Then").isMet();
        gaps("late  then").isMet();
        gaps("” ’  then").isMet();
    }

    @Test
    void eachWidthIsAFindingAndWhatEndsAParagraphIsNone() {
        gaps("It is late.  Then. And then.   Now")
                .areOff("2 spaces", "3 spaces")
                .putRight();
        Draft.mla().text(p -> p.text(Draft.PROSE + "  ")).rule(RULE).isMet();
        Draft.mla()
                .text(p -> p.text("It is late.  \t" + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    private static RuleCase gaps(String words) {
        return Draft.mla().text(p -> p.text(words + " " + Draft.PROSE)).rule(RULE);
    }
}
