package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import org.junit.jupiter.api.Test;

class HeadingsFormRuleTest {
    private static final String RULE = "headings.form";
    private static final PropertySet BOLD_ITALIC = Draft.BOLD.with(CharacterProperties.ITALIC, true);

    private static Draft apa() {
        return Draft.mla().guide("apa-7-student").headingStyles();
    }

    @Test
    void met() {
        apa().heading("H1", Alignment.CENTRE, "Method", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Sites", Draft.BOLD)
                .heading("H3", Alignment.LEFT, "Near Flat", BOLD_ITALIC)
                .rule(RULE)
                .isMet();
    }

    @Test
    void eachLevelIsHeldAgainstItsOwnForm() {
        apa().heading("H1", Alignment.LEFT, "Method", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Sites", PropertySet.empty())
                .heading("H3", Alignment.LEFT, "Near Flat", Draft.BOLD)
                .rule(RULE)
                .areOff("at the left margin at level 1", "plain at level 2", "upright at level 3")
                .putRight();
    }

    @Test
    void headingsThatAreNoneInTheFileAreKnownByTheirLook() {
        apa().heading("", Alignment.LEFT, "Method", Draft.BOLD)
                .rule(RULE)
                .areOff("at the left margin at level 1")
                .putRight();
    }

    @Test
    void aFullStopOnALineOfItsOwnGoes() {
        apa().heading("H1", Alignment.CENTRE, "Method.", Draft.BOLD)
                .rule(RULE)
                .isOff("a full stop at its end at level 1", "no full stop")
                .putRight();
    }

    @Test
    void textRunsOnFromTheFourthLevel() {
        apa().heading("H1", Alignment.CENTRE, "Method", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Sites", Draft.BOLD)
                .heading("H3", Alignment.LEFT, "Near Flat", BOLD_ITALIC)
                .text(line -> line.text("The lower part.", Draft.BOLD).text(" " + Draft.PROSE))
                .rule(RULE)
                .isMet();
    }

    @Test
    void aHeadingTheTextRunsOnFromGetsItsOwnLine() {
        RuleCase after = apa().text(line -> line.text("Method.", Draft.BOLD).text("  " + Draft.PROSE))
                .rule(RULE)
                .isOff("in the line of its text at level 1", "on a line of its own")
                .putRightLeaving("headings.real", "opening.text-title");
        assertThat(after.paper().paragraphs().get(8).text()).isEqualTo("Method.  ");
        assertThat(after.paper().paragraphs().get(9).text()).isEqualTo(Draft.PROSE);
    }

    @Test
    void adviceInMlaAndAbsentWithoutHeadings() {
        Draft.mla().rule(RULE).isAbsent();
        Draft.mla()
                .headingStyles()
                .heading("H1", Alignment.LEFT, "The Low Canal", Draft.BOLD)
                .rule(RULE)
                .isMet();
    }

    private static Draft fourLevels() {
        PropertySet fourth = PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, 3);
        return apa().sheet(b -> b.style("H4", "heading 4", Style.Kind.PARAGRAPH, "Normal", fourth, PropertySet.empty()))
                .heading("H1", Alignment.CENTRE, "Method", Draft.BOLD)
                .heading("H2", Alignment.LEFT, "Sites", Draft.BOLD)
                .heading("H3", Alignment.LEFT, "Near Flat", BOLD_ITALIC);
    }

    @Test
    void aHeadingThatShouldRunInIsJoinedToItsText() {
        RuleCase after = fourLevels()
                .heading("H4", Alignment.LEFT, "The Lower Part.", Draft.BOLD)
                .rule(RULE)
                .isOff("on a line of its own at level 4", "in the line of its text")
                .putRight();
        Paragraph joined = after.paper().paragraphs().get(14);
        assertThat(joined.text()).isEqualTo("The Lower Part. " + Draft.PROSE);
        assertThat(joined.format().get(ParagraphProperties.INDENT_FIRST_LINE)).isEqualTo(720);
        assertThat(joined.format().get(ParagraphProperties.OUTLINE_LEVEL)).isEqualTo(9);
        assertThat(joined.texts().get(0).format().get(CharacterProperties.BOLD)).isTrue();
        assertThat(joined.texts().get(0).format().get(CharacterProperties.ITALIC))
                .isFalse();
        assertThat(joined.texts().get(joined.texts().size() - 1).format().get(CharacterProperties.BOLD))
                .isFalse();
    }

    @Test
    void aHeadingThatCannotBeJoinedIsForTheWriter() {
        fourLevels()
                .add(b -> b.paragraph(line -> line.style("H4").text("The Lower Part.", Draft.BOLD)))
                .add(b -> b.paragraph(line -> line.style("H4").text("The Upper Part.", Draft.BOLD))
                        .endSection())
                .text(line -> line.text(Draft.PROSE))
                .rule(RULE)
                .isOff("on a line of its own at level 4", "in the line of its text")
                .at(14, 15)
                .isForTheWriter();
    }

    @Test
    void aRunInHeadingEndsInAFullStop() {
        fourLevels()
                .text(line -> line.text("The Lower Part:", Draft.BOLD).text(" " + Draft.PROSE))
                .rule(RULE)
                .isOff("no full stop at level 4", "a full stop at its end")
                .putRight();
    }

    @Test
    void aHeadingWhoseMarkIsHiddenStandsInTheLineOfItsText() {
        PropertySet hidden = PropertySet.of(CharacterProperties.HIDDEN, true);
        fourLevels()
                .add(b -> b.paragraph(line -> line.style("H4")
                        .mark(hidden)
                        .set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                        .text("The Lower Part.", Draft.BOLD)))
                .add(b -> b.paragraph(" " + Draft.PROSE))
                .rule(RULE)
                .isMet();
        apa().add(b -> b.paragraph(line -> line.style("H1").mark(hidden).text("Method", Draft.BOLD)))
                .add(b -> b.paragraph(" " + Draft.PROSE))
                .rule(RULE)
                .isOff("in the line of its text at level 1", "on a line of its own")
                .isForTheWriter();
    }
}
