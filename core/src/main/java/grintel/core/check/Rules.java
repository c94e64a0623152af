package grintel.core.check;

import grintel.core.rule.Rule;
import grintel.core.rule.Survey;
import grintel.core.rule.appendices.AppendicesLabelRule;
import grintel.core.rule.appendices.AppendicesLeftoversRule;
import grintel.core.rule.appendices.AppendicesMentionRule;
import grintel.core.rule.appendices.AppendicesNewPageRule;
import grintel.core.rule.appendices.AppendicesReverseItemsRule;
import grintel.core.rule.appendices.AppendicesTitleRule;
import grintel.core.rule.figures.FiguresAlternativeRule;
import grintel.core.rule.figures.FiguresMentionRule;
import grintel.core.rule.figures.FiguresNoteRule;
import grintel.core.rule.figures.FiguresNumberRule;
import grintel.core.rule.figures.FiguresPlaceRule;
import grintel.core.rule.figures.FiguresSharpnessRule;
import grintel.core.rule.figures.FiguresTitleRule;
import grintel.core.rule.figures.FiguresWidthRule;
import grintel.core.rule.handin.HandInBlankPagesRule;
import grintel.core.rule.handin.HandInChangesRule;
import grintel.core.rule.handin.HandInCommentsRule;
import grintel.core.rule.handin.HandInHiddenRule;
import grintel.core.rule.handin.HandInLengthRule;
import grintel.core.rule.handin.HandInPartOrderRule;
import grintel.core.rule.handin.HandInPlaceholdersRule;
import grintel.core.rule.handin.HandInPropertiesRule;
import grintel.core.rule.headings.HeadingsCaseRule;
import grintel.core.rule.headings.HeadingsFormRule;
import grintel.core.rule.headings.HeadingsIntroductionRule;
import grintel.core.rule.headings.HeadingsNumberedRule;
import grintel.core.rule.headings.HeadingsRealRule;
import grintel.core.rule.headings.HeadingsSingleRule;
import grintel.core.rule.headings.HeadingsSkipRule;
import grintel.core.rule.headings.HeadingsStrandedRule;
import grintel.core.rule.notes.NotesFirstLineRule;
import grintel.core.rule.notes.NotesGapRule;
import grintel.core.rule.notes.NotesKindRule;
import grintel.core.rule.notes.NotesNumberRule;
import grintel.core.rule.notes.NotesPageRule;
import grintel.core.rule.notes.NotesSpacingRule;
import grintel.core.rule.notes.NotesTypeRule;
import grintel.core.rule.opening.OpeningAbstractRule;
import grintel.core.rule.opening.OpeningAuthorNoteRule;
import grintel.core.rule.opening.OpeningBylineRule;
import grintel.core.rule.opening.OpeningDateFormRule;
import grintel.core.rule.opening.OpeningHeadingBlockRule;
import grintel.core.rule.opening.OpeningKeywordsRule;
import grintel.core.rule.opening.OpeningNewPagesRule;
import grintel.core.rule.opening.OpeningTextTitleRule;
import grintel.core.rule.opening.OpeningTitleCaseRule;
import grintel.core.rule.opening.OpeningTitleFormRule;
import grintel.core.rule.opening.OpeningTitleGapRule;
import grintel.core.rule.opening.OpeningTitleHeightRule;
import grintel.core.rule.opening.OpeningTitlePagePartsRule;
import grintel.core.rule.opening.OpeningTitlePageRule;
import grintel.core.rule.runninghead.RunningHeadFirstPageRule;
import grintel.core.rule.runninghead.RunningHeadFooterRule;
import grintel.core.rule.runninghead.RunningHeadLabelRule;
import grintel.core.rule.runninghead.RunningHeadLengthRule;
import grintel.core.rule.runninghead.RunningHeadNumberLiveRule;
import grintel.core.rule.runninghead.RunningHeadNumberPlaceRule;
import grintel.core.rule.runninghead.RunningHeadNumberRule;
import grintel.core.rule.runninghead.RunningHeadNumberStartRule;
import grintel.core.rule.runninghead.RunningHeadPaddingRule;
import grintel.core.rule.runninghead.RunningHeadSectionsRule;
import grintel.core.rule.runninghead.RunningHeadTextRule;
import grintel.core.rule.runninghead.RunningHeadTypeRule;
import grintel.core.rule.sheet.SheetColumnsRule;
import grintel.core.rule.sheet.SheetHeaderDistanceRule;
import grintel.core.rule.sheet.SheetMarginsRule;
import grintel.core.rule.sheet.SheetOrientationRule;
import grintel.core.rule.sheet.SheetSizeRule;
import grintel.core.rule.sources.SourcesCitedRule;
import grintel.core.rule.sources.SourcesEntryBreaksRule;
import grintel.core.rule.sources.SourcesHangingRule;
import grintel.core.rule.sources.SourcesItalicsRule;
import grintel.core.rule.sources.SourcesLabelRule;
import grintel.core.rule.sources.SourcesLinksRule;
import grintel.core.rule.sources.SourcesListRule;
import grintel.core.rule.sources.SourcesNewPageRule;
import grintel.core.rule.sources.SourcesOrderRule;
import grintel.core.rule.sources.SourcesRangesRule;
import grintel.core.rule.sources.SourcesSpacingRule;
import grintel.core.rule.spacing.SpacingAlignmentRule;
import grintel.core.rule.spacing.SpacingBlankParagraphsRule;
import grintel.core.rule.spacing.SpacingFirstLineRule;
import grintel.core.rule.spacing.SpacingHyphenationRule;
import grintel.core.rule.spacing.SpacingLineBreaksRule;
import grintel.core.rule.spacing.SpacingLineRule;
import grintel.core.rule.spacing.SpacingPagePushRule;
import grintel.core.rule.spacing.SpacingParagraphGapRule;
import grintel.core.rule.spacing.SpacingSentenceGapRule;
import grintel.core.rule.spacing.SpacingSpaceBarIndentRule;
import grintel.core.rule.spacing.SpacingWidowsRule;
import grintel.core.rule.survey.HeaderSurvey;
import grintel.core.rule.survey.TableSurvey;
import grintel.core.rule.survey.TitleSurvey;
import grintel.core.rule.tables.TablesAlignmentRule;
import grintel.core.rule.tables.TablesDecimalsRule;
import grintel.core.rule.tables.TablesLeadingZeroRule;
import grintel.core.rule.tables.TablesMentionRule;
import grintel.core.rule.tables.TablesNoteRule;
import grintel.core.rule.tables.TablesNumberRule;
import grintel.core.rule.tables.TablesPValuesRule;
import grintel.core.rule.tables.TablesPictureRule;
import grintel.core.rule.tables.TablesRulesRule;
import grintel.core.rule.tables.TablesSplitRule;
import grintel.core.rule.tables.TablesSymbolsRule;
import grintel.core.rule.tables.TablesTitleRule;
import grintel.core.rule.tables.TablesVerticalsRule;
import grintel.core.rule.tables.TablesWidthRule;
import grintel.core.rule.text.TextDashesRule;
import grintel.core.rule.text.TextLinksRule;
import grintel.core.rule.text.TextListsRule;
import grintel.core.rule.text.TextMangledMarksRule;
import grintel.core.rule.text.TextQuotationFormRule;
import grintel.core.rule.text.TextQuotationLongRule;
import grintel.core.rule.text.TextQuotationShortRule;
import grintel.core.rule.type.TypeColourRule;
import grintel.core.rule.type.TypeEmphasisRule;
import grintel.core.rule.type.TypeFaceRule;
import grintel.core.rule.type.TypeSizeRule;
import grintel.core.rule.type.TypeStraysRule;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** The rules that are built, in order of work. */
public final class Rules {
    private static final List<Rule> ALL = List.of(
            new SheetSizeRule(),
            new SheetOrientationRule(),
            new SheetMarginsRule(),
            new SheetColumnsRule(),
            new SheetHeaderDistanceRule(),
            new TypeFaceRule(),
            new TypeSizeRule(),
            new TypeStraysRule(),
            new TypeColourRule(),
            new TypeEmphasisRule(),
            new SpacingLineRule(),
            new SpacingParagraphGapRule(),
            new SpacingBlankParagraphsRule(),
            new SpacingAlignmentRule(),
            new SpacingFirstLineRule(),
            new SpacingSpaceBarIndentRule(),
            new SpacingLineBreaksRule(),
            new SpacingHyphenationRule(),
            new SpacingSentenceGapRule(),
            new SpacingWidowsRule(),
            new SpacingPagePushRule(),
            new RunningHeadNumberRule(),
            new RunningHeadNumberLiveRule(),
            new RunningHeadNumberPlaceRule(),
            new RunningHeadNumberStartRule(),
            new RunningHeadTextRule(),
            new RunningHeadLabelRule(),
            new RunningHeadLengthRule(),
            new RunningHeadFirstPageRule(),
            new RunningHeadTypeRule(),
            new RunningHeadPaddingRule(),
            new RunningHeadSectionsRule(),
            new RunningHeadFooterRule(),
            new OpeningTitlePageRule(),
            new OpeningTitlePagePartsRule(),
            new OpeningTitleHeightRule(),
            new OpeningTitleGapRule(),
            new OpeningTitleFormRule(),
            new OpeningTitleCaseRule(),
            new OpeningHeadingBlockRule(),
            new OpeningDateFormRule(),
            new OpeningBylineRule(),
            new OpeningTextTitleRule(),
            new OpeningNewPagesRule(),
            new OpeningAbstractRule(),
            new OpeningKeywordsRule(),
            new OpeningAuthorNoteRule(),
            new HeadingsFormRule(),
            new HeadingsCaseRule(),
            new HeadingsSkipRule(),
            new HeadingsSingleRule(),
            new HeadingsRealRule(),
            new HeadingsNumberedRule(),
            new HeadingsStrandedRule(),
            new HeadingsIntroductionRule(),
            new TextQuotationLongRule(),
            new TextQuotationFormRule(),
            new TextQuotationShortRule(),
            new TextDashesRule(),
            new TextMangledMarksRule(),
            new TextListsRule(),
            new TextLinksRule(),
            new NotesKindRule(),
            new NotesFirstLineRule(),
            new NotesGapRule(),
            new NotesSpacingRule(),
            new NotesTypeRule(),
            new NotesNumberRule(),
            new NotesPageRule(),
            new TablesNumberRule(),
            new TablesTitleRule(),
            new TablesRulesRule(),
            new TablesVerticalsRule(),
            new TablesWidthRule(),
            new TablesAlignmentRule(),
            new TablesDecimalsRule(),
            new TablesLeadingZeroRule(),
            new TablesSymbolsRule(),
            new TablesPValuesRule(),
            new TablesNoteRule(),
            new TablesMentionRule(),
            new TablesPictureRule(),
            new TablesSplitRule(),
            new FiguresNumberRule(),
            new FiguresTitleRule(),
            new FiguresPlaceRule(),
            new FiguresNoteRule(),
            new FiguresWidthRule(),
            new FiguresMentionRule(),
            new FiguresSharpnessRule(),
            new FiguresAlternativeRule(),
            new SourcesListRule(),
            new SourcesLabelRule(),
            new SourcesNewPageRule(),
            new SourcesOrderRule(),
            new SourcesHangingRule(),
            new SourcesSpacingRule(),
            new SourcesEntryBreaksRule(),
            new SourcesLinksRule(),
            new SourcesItalicsRule(),
            new SourcesRangesRule(),
            new SourcesCitedRule(),
            new AppendicesLabelRule(),
            new AppendicesTitleRule(),
            new AppendicesNewPageRule(),
            new AppendicesMentionRule(),
            new AppendicesLeftoversRule(),
            new AppendicesReverseItemsRule(),
            new HandInPartOrderRule(),
            new HandInBlankPagesRule(),
            new HandInPlaceholdersRule(),
            new HandInCommentsRule(),
            new HandInChangesRule(),
            new HandInHiddenRule(),
            new HandInLengthRule(),
            new HandInPropertiesRule());

    private static final List<Survey> SURVEYS = List.of(new HeaderSurvey(), new TitleSurvey(), new TableSurvey());

    private static final Map<String, Rule> BY_ID = byId();

    private Rules() {}

    /** The rules in order of work. */
    public static List<Rule> all() {
        return ALL;
    }

    /** What is measured beside what the rules ask. */
    static List<Survey> surveys() {
        return SURVEYS;
    }

    /** The rule of an id, or null where it is not built yet. */
    public static @Nullable Rule find(String id) {
        return BY_ID.get(id);
    }

    private static Map<String, Rule> byId() {
        Map<String, Rule> map = new LinkedHashMap<>();
        ALL.forEach(rule -> map.put(rule.id(), rule));
        return map;
    }
}
