package grintel.core.rule;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
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
        apa().text(line -> line.text("Method.", Draft.BOLD).text(" " + Draft.PROSE))
                .rule(RULE)
                .isOff("in the line of its text at level 1", "on a line of its own");
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
}
