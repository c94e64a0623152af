package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Border;
import grintel.core.paper.CellProperties;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.RowProperties;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TableAddress;
import grintel.core.paper.TableProperties;
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
                        "1 paragraph: spaces or words replaced",
                        "2 blank paragraphs taken out",
                        "Footer of section 2 taken from the section before",
                        "Setting: hyphenation off");
    }

    @Test
    void whatATableAndAListConsistOfIsCalledByItsName() {
        TableAddress table = new TableAddress(Story.TEXT, 0);
        assertThat(summary(
                        new Edit.SetProperty(new Target.OfTable(table), TableProperties.BORDER_TOP, null),
                        new Edit.SetProperty(new Target.OfCell(table, 0, 0), CellProperties.BORDER_TOP, Border.NONE),
                        new Edit.SetProperty(new Target.OfCell(table, 0, 1), CellProperties.BORDER_TOP, Border.NONE),
                        new Edit.SetProperty(new Target.OfRow(table, 0), RowProperties.EXACT, true),
                        new Edit.SetProperty(new Target.OfListLevel(1, 0), ParagraphProperties.INDENT_LEFT, 720),
                        new Edit.SetColumns(table, List.of(1000, 2000))))
                .containsExactly(
                        "1 table: own border top taken away",
                        "2 cells: border top set",
                        "1 row of a table: exact set",
                        "1 level of a list: left indent set",
                        "1 table: widths of columns set");
    }

    @Test
    void whatIsMovedPartedAndJoinedIsCounted() {
        ParagraphAddress at = ParagraphAddress.text(3);
        assertThat(summary(
                        new Edit.MoveParagraphs(at, 2, Position.before(ParagraphAddress.text(0))),
                        new Edit.SplitParagraph(at, 4, PropertySet.empty()),
                        new Edit.JoinParagraphs(at, " "),
                        new Edit.ApplyStyle(at, "Q1"),
                        new Edit.FollowStyle("Q1", "Q1")))
                .containsExactly(
                        "1 part moved",
                        "1 paragraph parted in two",
                        "1 paragraph joined to the one before",
                        "1 paragraph: style applied",
                        "1 other change");
    }

    @Test
    void nothingChangedIsNothingSaid() {
        assertThat(summary()).isEmpty();
    }
}
