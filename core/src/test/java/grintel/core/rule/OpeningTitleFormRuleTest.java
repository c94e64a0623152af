package grintel.core.rule;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import org.junit.jupiter.api.Test;

class OpeningTitleFormRuleTest {
    private static final String RULE = "opening.title-form";
    private static final String TITLE = "Lamps on the Low Canal";

    private static Front mla(String title, PropertySet type) {
        return Front.mla().line("", line -> line.text(title, type));
    }

    @Test
    void met() {
        mla(TITLE, PropertySet.empty()).rule(RULE).isMet();
        Front.of("apa-7-student").title(TITLE).student().over(TITLE).rule(RULE).isMet();
    }

    @Test
    void decorationIsTakenOff() {
        mla(TITLE, Draft.BOLD)
                .rule(RULE)
                .isOff("bold", "plain")
                .andNothingElseIsOff()
                .putRight();
        mla(TITLE, PropertySet.of(CharacterProperties.UNDERLINE, "single"))
                .rule(RULE)
                .isOff("underlined", "not underlined")
                .putRight();
        mla(TITLE, PropertySet.of(CharacterProperties.CAPITALS, true))
                .rule(RULE)
                .isOff("capitals", "as it is typed")
                .putRight();
    }

    @Test
    void aTitleThatOnlySeemsCentredIsShifted() {
        Front.mla()
                .line(TITLE, line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720))
                .rule(RULE)
                .isOff("off the middle by 0.25 in", "centred")
                .andNothingElseIsOff()
                .putRight();
    }

    @Test
    void marksAroundItAreAskedAboutAndAWorkNamedInItKeepsIts() {
        mla("“Lamps on the Low Canal”", PropertySet.empty())
                .rule(RULE)
                .isOff("quotation marks around it", "none")
                .isAsked()
                .putRight();
        mla("Lamps on the Low Canal.", PropertySet.empty())
                .rule(RULE)
                .isOff("a full stop at its end", "none")
                .putRight();
        mla("Night Work in “The Weir Ledger”", PropertySet.empty()).rule(RULE).isMet();
    }

    @Test
    void aTitlePageAndTheTextNeedTheSameLook() {
        Front.of("apa-7-student")
                .line(
                        TITLE,
                        line -> line.set(ParagraphProperties.SPACE_BEFORE, 1656)
                                .set(ParagraphProperties.SPACE_AFTER, 552))
                .student()
                .over(TITLE)
                .rule(RULE)
                .isOff("plain", "bold")
                .onPages(1)
                .putRight();
    }

    @Test
    void whatLooksLikeMarksAroundATitleMayBeMarksInIt() {
        mla("“Lamps” and the “Weir Ledger”", PropertySet.empty()).rule(RULE).isMet();
        mla("“Lamps” on the Low Canal", PropertySet.empty()).rule(RULE).isMet();
        mla("'Lamps on the Low Canal'", PropertySet.empty()).rule(RULE).isOff("quotation marks around it", "none");
        mla("Lamps of the U.S.", PropertySet.empty()).rule(RULE).isMet();
        mla("Lamps on the Low Canal...", PropertySet.empty()).rule(RULE).isMet();
        mla("Lamps vs.", PropertySet.empty()).rule(RULE).isOff("a full stop at its end", "none");
    }

    @Test
    void theMarksAloneGo() {
        RuleCase after =
                mla("“Lamps on the Low Canal”", PropertySet.empty()).rule(RULE).putRight();
        assertThat(after.paper().paragraphs().get(4).text()).isEqualTo(TITLE);
        RuleCase stopped =
                mla("Lamps on the Low Canal.", PropertySet.empty()).rule(RULE).putRight();
        assertThat(stopped.paper().paragraphs().get(4).text()).isEqualTo(TITLE);
    }
}
