package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TextRange;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.rule.Wording;
import java.util.List;
import org.junit.jupiter.api.Test;

class EditSummaryTest {
    private static final Style QUOTE = Style.of(
            "Q1", "Long quotation", Style.Kind.PARAGRAPH, null, false, PropertySet.empty(), PropertySet.empty());
    private static final Paper PAPER = new PaperBuilder().style(QUOTE).build();

    private static List<String> summary(Edit... edits) {
        return EditSummary.of(PAPER, List.of(edits)).stream().map(Wording::told).toList();
    }

    private static Target paragraph(int index) {
        return new Target.OfParagraph(ParagraphAddress.text(index));
    }

    @Test
    void aStyleIsCalledByItsNameWithAllThatIsSetInIt() {
        Target style = new Target.OfStyle("Q1");
        assertThat(summary(
                        new Edit.SetProperty(style, ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE),
                        new Edit.SetProperty(style, ParagraphProperties.INDENT_FIRST_LINE, 720)))
                .containsExactly("Style Long quotation: line spacing, first-line indent");
        assertThat(summary(new Edit.SetProperty(new Target.OfStyle("gone"), ParagraphProperties.SPACE_AFTER, 0)))
                .containsExactly("Style gone: space after");
    }

    @Test
    void paragraphsAreCountedOnceHoweverMuchIsSetInThem() {
        assertThat(summary(
                        new Edit.SetProperty(paragraph(3), ParagraphProperties.SPACE_AFTER, 0),
                        new Edit.SetProperty(paragraph(3), ParagraphProperties.SPACE_BEFORE, 0),
                        new Edit.SetProperty(paragraph(4), ParagraphProperties.SPACE_AFTER, 0)))
                .containsExactly("2 paragraphs: space after, space before set");
    }

    @Test
    void whatIsTakenAwayIsToldFromWhatIsSet() {
        assertThat(summary(
                        new Edit.SetProperty(paragraph(1), ParagraphProperties.SPACE_AFTER, null),
                        new Edit.SetProperty(paragraph(2), ParagraphProperties.SPACE_AFTER, 0)))
                .containsExactly("1 paragraph: own space after taken away", "1 paragraph: space after set");
    }

    @Test
    void whatAFileSplitsByScriptIsOneThing() {
        Target run = new Target.OfRange(new TextRange(ParagraphAddress.text(1), 0, 4));
        assertThat(summary(
                        new Edit.SetProperty(run, CharacterProperties.FACE, "Times New Roman"),
                        new Edit.SetProperty(run, CharacterProperties.FACE_HIGH_ANSI, "Times New Roman")))
                .containsExactly("1 run: face set");
    }

    @Test
    void sidesAreSaidAsPeopleSayThem() {
        Target section = new Target.OfSection(0);
        assertThat(summary(
                        new Edit.SetProperty(section, SectionProperties.MARGIN_LEFT, 1440),
                        new Edit.SetProperty(section, SectionProperties.HEADER_DISTANCE, 720)))
                .containsExactly("1 section: left margin, header distance set");
    }

    @Test
    void blankParagraphsSpacesHeadersAndSettingsHaveWordsOfTheirOwn() {
        assertThat(summary(
                        new Edit.RemoveParagraph(ParagraphAddress.text(4)),
                        new Edit.RemoveParagraph(ParagraphAddress.text(9)),
                        Edit.ReplaceText.words(new TextRange(ParagraphAddress.text(5), 3, 4), ""),
                        Edit.ReplaceText.words(new TextRange(ParagraphAddress.text(5), 9, 10), ""),
                        new Edit.InheritMarginal(1, Story.Kind.FOOTER, Marginals.Variant.DEFAULT),
                        new Edit.SetSetting(Edit.Setting.HYPHENATION, false)))
                .containsExactly(
                        "2 blank paragraphs taken out",
                        "1 paragraph: spaces or words replaced",
                        "Footer of section 2 taken from the section before",
                        "Setting: hyphenation off");
    }

    @Test
    void nothingChangedIsNothingSaid() {
        assertThat(summary()).isEmpty();
    }
}
