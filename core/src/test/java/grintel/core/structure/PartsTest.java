package grintel.core.structure;

import static grintel.core.structure.PartKind.*;
import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Anchor;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.Style;
import grintel.core.paper.TextRange;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What each paragraph is taken for, from its words and its looks, and how parts hold each other. */
class PartsTest {
    private static final PropertySet BOLD = PropertySet.of(CharacterProperties.BOLD, true);
    private static final PropertySet ITALIC = PropertySet.of(CharacterProperties.ITALIC, true);
    private static final PropertySet PLAIN = PropertySet.empty();
    private static final PropertySet CODE = PropertySet.of(CharacterProperties.FACE, "Courier New");
    private static final String PROSE =
            "In all three novels the canal is lit before it is named, and the reader learns the hour, the"
                    + " weather and the price of oil before anyone has spoken a word about the town or the people in it at all.";

    private final PaperBuilder out = new PaperBuilder()
            .style("Normal", "Normal", Style.Kind.PARAGRAPH, null, PLAIN, PropertySet.of(CharacterProperties.SIZE, 24))
            .style(
                    "H1",
                    "heading 1",
                    Style.Kind.PARAGRAPH,
                    "Normal",
                    PropertySet.of(ParagraphProperties.OUTLINE_LEVEL, 0),
                    BOLD);

    private PartsTest line(String text) {
        out.paragraph(text);
        return this;
    }

    private PartsTest line(Consumer<ParagraphBuilder> line) {
        out.paragraph(line);
        return this;
    }

    private PartsTest line(String text, PropertySet look) {
        return line(line -> line.text(text, look));
    }

    private static final PropertySet RAISED =
            PropertySet.of(CharacterProperties.VERTICAL_POSITION, CharacterProperties.VerticalPosition.SUPERSCRIPT);

    private PartsTest centred(String text, PropertySet look) {
        return line(line ->
                line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE).text(text, look));
    }

    private PartsTest newPage(String text, PropertySet look) {
        return line(line -> line.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, true)
                .text(text, look));
    }

    private PartsTest indented(String text) {
        return line(line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(text));
    }

    /** Heading lines, a title and a paragraph: four paragraphs before what a test adds. */
    private PartsTest essay() {
        return line("Marit Solvane").line("9 October 2026").line("A Title").line(PROSE);
    }

    private Parts parts() {
        Paper paper = out.build();
        return Outline.seen(paper, Corrections.NONE);
    }

    private List<PartKind> kinds() {
        Parts parts = parts();
        List<PartKind> kinds = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            kinds.add(parts.kind(i));
        }
        return kinds;
    }

    /** The kinds of what a test added to the essay. */
    private List<PartKind> added() {
        List<PartKind> kinds = kinds();
        return kinds.subList(4, kinds.size());
    }

    // ---- opening

    @Test
    void headingLinesNameWriterTeacherAndCourse() {
        line("Marit Solvane").line("Ilse Tamberg").line("Literature 214").line("9 October 2026");
        centred("Lamps on the Low Canal", PLAIN).line(PROSE);
        assertThat(kinds()).containsExactly(AUTHOR, INSTRUCTOR, COURSE, DATE, TITLE, PARAGRAPH);
        PaperFacts facts = parts().facts();
        assertThat(facts.surname()).isEqualTo("Solvane");
        assertThat(facts.title()).isEqualTo("Lamps on the Low Canal");
        assertThat(facts.line(COURSE)).isEqualTo("Literature 214");
    }

    @Test
    void headingLinesMayStandInATable() {
        out.table(
                List.of(4680, 4680),
                List.of(List.of("Marit Solvane", "Literature 214"), List.of("Dr. Ilse Tamberg", "9 October 2026")),
                PLAIN);
        centred("Lamps on the Low Canal", PLAIN).line(PROSE);
        assertThat(kinds()).containsExactly(AUTHOR, COURSE, INSTRUCTOR, DATE, TITLE, PARAGRAPH);
    }

    @Test
    void aTableThatOpensAPaperAndNamesNothingIsOne() {
        out.table(List.of(4680, 4680), List.of(List.of("Quay", "Lamps"), List.of("North", "14")), PLAIN);
        centred("Lamps on the Low Canal", PLAIN).line(PROSE);
        assertThat(kinds().subList(0, 4)).containsOnly(PartKind.GRID);
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void anAbstractWithoutALabelStandsAloneOnItsPage(boolean keywords) {
        centred("Fog Bells", BOLD).centred("Tobias Ekwall", PLAIN).centred("Brackwater College", PLAIN);
        line(line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true).text(PROSE));
        if (keywords) {
            line("Keywords: bells, fog");
        }
        newPage("Fog Bells", BOLD).line(PROSE);
        assertThat(kinds()).containsSubsequence(ABSTRACT_TEXT, TITLE, PARAGRAPH).hasSize(keywords ? 7 : 6);
        assertThat(kinds().contains(KEYWORDS)).isEqualTo(keywords);
    }

    @Test
    void proseAfterATitlePageIsTextWhereNoTitleFollowsOnAPageOfItsOwn() {
        centred("Fog Bells", BOLD).centred("Tobias Ekwall", PLAIN).centred("Brackwater College", PLAIN);
        line(line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true).text(PROSE));
        centred("Fog Bells", BOLD).line(PROSE);
        assertThat(kinds()).doesNotContain(ABSTRACT_TEXT);
    }

    @Test
    void stylesNamedForTitlesTellThem() {
        out.style("Title", "Title", Style.Kind.PARAGRAPH, null, PLAIN, PLAIN);
        out.style("Subtitle", "Subtitle", Style.Kind.PARAGRAPH, null, PLAIN, PLAIN);
        line(line -> line.style("Title").text("Lamps on the Low Canal"));
        line(line -> line.style("Subtitle").text("Night Work in Three Novels"));
        line("Marit Solvane").line("9 October 2026").line(PROSE);
        assertThat(kinds()).containsExactly(TITLE, SUBTITLE, AUTHOR, DATE, PARAGRAPH);
    }

    @Test
    void headingLinesMayBePartedByHardBreaksAlone() {
        line(line -> line.text("Marit Solvane")
                .lineBreak()
                .text("Submitted to Dr. Ilse Tamberg")
                .lineBreak()
                .text("Literature 214")
                .lineBreak()
                .text("9 October 2026"));
        centred("Lamps on the Low Canal", PLAIN).line(PROSE);
        assertThat(kinds()).containsExactly(AUTHOR, TITLE, PARAGRAPH);
        assertThat(parts().alsoNames(0)).containsExactlyInAnyOrder(INSTRUCTOR, COURSE, DATE);
        assertThat(parts().facts().surname()).isEqualTo("Solvane");
    }

    @Test
    void aTitleAtTheMarginIsTheLineAfterTheDate() {
        assertThat(essay().kinds()).containsExactly(AUTHOR, DATE, TITLE, PARAGRAPH);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 6, 40})
    void aTitlePageWhetherBrokenOffOrPushedOff(int blanks) {
        centred("Fog Bells", BOLD).centred("Tobias Ekwall", PLAIN).centred("Brackwater College", PLAIN);
        for (int i = 0; i < blanks; i++) {
            line("");
        }
        line(title -> title.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE)
                .set(ParagraphProperties.PAGE_BREAK_BEFORE, blanks == 0)
                .text("Fog Bells", BOLD));
        line(PROSE);
        List<PartKind> kinds = kinds();
        assertThat(kinds.subList(0, 3)).containsExactly(TITLE, AUTHOR, INSTITUTION);
        assertThat(kinds.subList(3 + blanks, 5 + blanks)).containsExactly(TITLE, PARAGRAPH);
        assertThat(parts().isOnTitlePage(2)).isTrue();
        assertThat(parts().isOnTitlePage(3 + blanks)).isFalse();
    }

    @Test
    void aSubtitleOnATitlePageIsToldByItsWords() {
        centred("BELLS AND PSALMS", BOLD)
                .centred("A Study of Three Harbours", PLAIN)
                .centred("Tobias Ekwall", PLAIN);
        centred("9 October 2026", PLAIN).newPage("Bells and Psalms", PLAIN).line(PROSE);
        assertThat(kinds().subList(0, 4)).containsExactly(TITLE, SUBTITLE, AUTHOR, DATE);
        assertThat(parts().facts().wholeTitle()).isEqualTo("BELLS AND PSALMS: A Study of Three Harbours");
    }

    @Test
    void aTitleOverTwoLinesIsOneWhereItsWordsOrTheTextSaySo() {
        centred("Bells, Fog, and the Evening Feeding of", BOLD).centred("Wading Birds on the Coast", BOLD);
        centred("Tobias Ekwall", PLAIN).newPage("Bells", BOLD).line(PROSE);
        assertThat(parts().facts().wholeTitle())
                .isEqualTo("Bells, Fog, and the Evening Feeding of Wading Birds on the Coast");
        assertThat(parts().facts().subtitle()).isEmpty();
    }

    @Test
    void aTitleOverTwoLinesIsOneWhereItStandsInOneOverTheText() {
        centred("Fog Bells and the Evening", BOLD).centred("Feeding of Wading Birds", BOLD);
        centred("Tobias Ekwall", PLAIN)
                .newPage("Fog Bells and the Evening Feeding of Wading Birds", BOLD)
                .line(PROSE);
        assertThat(parts().facts().wholeTitle()).isEqualTo("Fog Bells and the Evening Feeding of Wading Birds");
    }

    @Test
    void aTitlePageMayOpenWithTheInstitutionAndEndWithTheWriter() {
        centred("Brackwater College", PLAIN).centred("Bells and Psalms", PLAIN).centred("Religion 305", PLAIN);
        centred("Ilse Tamberg", PLAIN).centred("Tobias Ekwall", PLAIN).centred("9 October 2026", PLAIN);
        newPage("Bells and Psalms", PLAIN).line(PROSE);
        assertThat(kinds()).containsExactly(INSTITUTION, TITLE, COURSE, INSTRUCTOR, AUTHOR, DATE, TITLE, PARAGRAPH);
        assertThat(parts().facts().surname()).isEqualTo("Ekwall");
    }

    @Test
    void severalAuthorsAndANoteOnThem() {
        centred("Fog Bells", BOLD).centred("Tobias Ekwall and Marit Solvane", PLAIN);
        centred("Department of Coastal Studies, Brackwater College", PLAIN);
        centred("Author Note", BOLD).line(PROSE).newPage("Abstract", BOLD).line(PROSE);
        newPage("Fog Bells", BOLD).line(PROSE);
        assertThat(kinds())
                .containsExactly(
                        TITLE,
                        AUTHOR,
                        DEPARTMENT,
                        AUTHOR_NOTE_LABEL,
                        AUTHOR_NOTE_TEXT,
                        ABSTRACT_LABEL,
                        ABSTRACT_TEXT,
                        TITLE,
                        PARAGRAPH);
        assertThat(parts().facts().authors()).extracting(PersonName::surname).containsExactly("Ekwall", "Solvane");
        assertThat(parts().facts().surname()).isNull();
    }

    @Test
    void anAbstractEndsWithItsKeywords() {
        centred("Fog Bells", BOLD)
                .centred("Tobias Ekwall", PLAIN)
                .newPage("Abstract", BOLD)
                .line(PROSE);
        line("Keywords: bells, birds").newPage("Fog Bells", BOLD).line(PROSE);
        assertThat(kinds()).containsExactly(TITLE, AUTHOR, ABSTRACT_LABEL, ABSTRACT_TEXT, KEYWORDS, TITLE, PARAGRAPH);
    }

    @Test
    void whatStandsUnderTheTitleIsNoText() {
        line("Marit Solvane").line("9 October 2026");
        centred("Lamps on the Low Canal:", PLAIN).centred("Light in Three Novels", PLAIN);
        centred("by Marit Solvane", PLAIN)
                .centred("“The lamp comes first.”", ITALIC)
                .line(PROSE);
        assertThat(kinds()).containsExactly(AUTHOR, DATE, TITLE, SUBTITLE, AUTHOR, EPIGRAPH, PARAGRAPH);
    }

    @ParameterizedTest
    @CsvSource({
        "Marit Solvane, Solvane",
        "'Solvane, Marit A.', Solvane",
        "Anna van der Meer, van der Meer",
        "By Tobias Ekwall Jr., Ekwall",
    })
    void surnamesAreToldFromNames(String line, String surname) {
        PersonName name = Names.one(line);
        assertThat(name).isNotNull().extracting(PersonName::surname).isEqualTo(surname);
    }

    @ParameterizedTest
    @ValueSource(strings = {"Home User", "Your Name", "Literature 214", "The Weir Ledger", "English Department", "ts"})
    void whatIsNoNameIsNone(String line) {
        assertThat(Names.in(line)).isEmpty();
    }

    // ---- text

    static Stream<Arguments> levelForms() {
        return Stream.of(
                Arguments.of("centred bold, left bold, left bold italic", List.of(1, 2, 3)),
                Arguments.of("left bold, left italic, centred bold", List.of(1, 2, 3)),
                Arguments.of("centred bold, centred, left bold", List.of(1, 2, 3)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("levelForms")
    void levelsAreToldByHowThePaperFormsThem(String forms, List<Integer> levels) {
        essay();
        String[] all = forms.split(", ", -1);
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < all.length; i++) {
                PropertySet.Builder look = new PropertySet.Builder();
                look.set(CharacterProperties.BOLD, all[i].contains("bold"));
                look.set(CharacterProperties.ITALIC, all[i].contains("italic"));
                String text = "Heading of Form " + "ABC".charAt(i);
                if (all[i].startsWith("centred")) {
                    centred(text, look.build());
                } else {
                    line(text, look.build());
                }
                indented(PROSE);
            }
        }
        Parts parts = parts();
        for (int i = 0; i < all.length; i++) {
            assertThat(parts.headingLevel(4 + 2 * i)).isEqualTo(levels.get(i));
            assertThat(parts.headingLevel(4 + 2 * (all.length + i))).isEqualTo(levels.get(i));
        }
    }

    @Test
    void headingsByStyleAndByLook() {
        essay().line(heading -> heading.style("H1").text("Method"))
                .line(PROSE)
                .line("Study Site", BOLD)
                .line(PROSE)
                .line("A bold sentence is no heading.", BOLD)
                .line(PROSE);
        assertThat(added()).containsExactly(HEADING, PARAGRAPH, HEADING, PARAGRAPH, PARAGRAPH, PARAGRAPH);
        assertThat(parts().headingLevel(4)).isEqualTo(1);
        assertThat(parts().headingLevel(6))
                .as("it looks as those of level 1 do")
                .isEqualTo(1);
        assertThat(parts().headingLevel(8)).isZero();
    }

    @Test
    void aHeadingThatTheTextRunsOnFromIsASpanOfItsParagraph() {
        essay().line(heading -> heading.style("H1").text("Method"))
                .line(paragraph -> paragraph.text("Counting of lamps.", BOLD).text(" " + PROSE))
                .line(PROSE);
        Part runIn = parts().root().all(RUN_IN_HEADING).get(0);
        assertThat(runIn.first()).isEqualTo(5);
        assertThat(runIn.level()).isEqualTo(2);
        assertThat(runIn.range())
                .isNotNull()
                .satisfies(range -> assertThat(range.to()).isEqualTo("Counting of lamps.".length()));
        assertThat(added()).containsExactly(HEADING, PARAGRAPH, PARAGRAPH);
    }

    @Test
    void quotationsVerseListsAndWhatGoesOnAfterThem() {
        essay().line(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE))
                .line("and so it goes on, after the quotation, for a while. " + PROSE)
                .centred("The lamp comes first", PLAIN)
                .centred("and then the water", PLAIN)
                .line("• a typed bullet")
                .line(PROSE);
        assertThat(added())
                .containsExactly(BLOCK_QUOTATION, CONTINUATION, BLOCK_QUOTATION, BLOCK_QUOTATION, LIST_ITEM, PARAGRAPH);
        assertThat(parts().root().all(LIST)).hasSize(1);
    }

    @Test
    void verseThatIsSetInIsAQuotationAndNoHeading() {
        essay().indented(PROSE);
        for (String verse : List.of("the lamp comes first", "and then the water", "and then the town")) {
            line(line -> line.set(ParagraphProperties.INDENT_LEFT, 720).text(verse));
        }
        indented(PROSE)
                .line(line -> line.set(ParagraphProperties.INDENT_LEFT, 720).text("one line alone"));
        indented(PROSE);
        assertThat(added())
                .containsExactly(
                        PARAGRAPH, BLOCK_QUOTATION, BLOCK_QUOTATION, BLOCK_QUOTATION, PARAGRAPH, UNKNOWN, PARAGRAPH);
    }

    @Test
    void aTextThatIsSetInAsAWholeIsNoQuotation() {
        line("Marit Solvane").line("9 October 2026").line("A Title");
        for (int i = 0; i < 3; i++) {
            line(paragraph ->
                    paragraph.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE));
        }
        assertThat(kinds()).endsWith(PARAGRAPH, PARAGRAPH, PARAGRAPH).doesNotContain(BLOCK_QUOTATION);
    }

    @ParameterizedTest
    @ValueSource(strings = {"* * *", "– – –", "***", "#"})
    void aLineOfSignsIsNoListAndNoHeading(String signs) {
        essay().line(signs).line(PROSE).centred(signs, PLAIN).line(PROSE);
        assertThat(added()).doesNotContain(LIST_ITEM, PartKind.HEADING);
    }

    @Test
    void aCitationUnderAQuotationBelongsToIt() {
        essay().line(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE))
                .line(line ->
                        line.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT).text("(Keel 12)"))
                .line(PROSE)
                .line("(Keel 12)");
        assertThat(added().subList(0, 3)).containsExactly(BLOCK_QUOTATION, BLOCK_QUOTATION, PARAGRAPH);
        assertThat(added().get(3)).isNotEqualTo(BLOCK_QUOTATION);
    }

    @Test
    void anEquationIsNoHeadingAndALongBoldLineIsOne() {
        essay().centred("E = m × c + 14", PLAIN).line(PROSE);
        centred("Keepers and Their Ledgers in the Three Novels of the Low Canal and the Islands before It", BOLD);
        line(PROSE);
        assertThat(added().get(0)).isNotEqualTo(PartKind.HEADING);
        assertThat(added().get(2)).isEqualTo(PartKind.HEADING);
    }

    @Test
    void linesOfATableOfContentsAreNoHeadings() {
        essay().line("Contents").line("The Lamps\t2").line("The Oil ..... 14").line(PROSE);
        assertThat(added().subList(1, 3)).doesNotContain(PartKind.HEADING);
    }

    /** No pattern may look again and again through a line that a stranger made endless. */
    @ParameterizedTest
    @ValueSource(strings = {".", "(1", "\t", "…", "1 ", "“", "-"})
    @Timeout(30)
    void anEndlessLineIsToldLikeAnyOther(String signs) {
        essay().line(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE))
                .line(signs.repeat(100_000))
                .line(PROSE);
        assertThat(added()).hasSize(3).startsWith(BLOCK_QUOTATION);
    }

    @Test
    void aSentenceInEmphasisIsNoHeading() {
        essay().line(line -> line.text("The keepers count by night, and every one of them is counted.", BOLD)
                .text(" " + PROSE));
        assertThat(parts().runInHeading(4)).isNull();
    }

    @Test
    void aSectionCalledNotesIsNoPageOfNotes() {
        essay().line(line -> line.text("Notes", BOLD)).line(PROSE);
        assertThat(added()).containsExactly(PartKind.HEADING, PARAGRAPH);
    }

    @Test
    void programTextIsAPartOfItsOwn() {
        essay().line("    for (lamp : lamps) { count++; }", CODE).line(PROSE);
        assertThat(added()).containsExactly(PartKind.CODE, PARAGRAPH);
    }

    @ParameterizedTest
    @CsvSource({"Source Code, CODE", "HTML Preformatted, CODE", "Source, PARAGRAPH", "Plain Text, PARAGRAPH"})
    void programTextIsToldByItsStyle(String style, PartKind kind) {
        out.style("S", style, Style.Kind.PARAGRAPH, null, PLAIN, PLAIN);
        essay().line(line -> line.style("S").text(PROSE)).line(PROSE);
        assertThat(added()).containsExactly(kind, PARAGRAPH);
    }

    @Test
    void whatIsNotKnownIsNotText() {
        essay().line("Lamp oil by the quart").line("");
        assertThat(added()).containsExactly(UNKNOWN, BLANK);
    }

    // ---- tables and figures

    @Test
    void aTableIsOneWithItsNumberTitleAndNotes() {
        essay().line("Table 1").line("Lamps and Sums");
        out.table(List.of(4000), List.of(List.of("cell")), PLAIN);
        line("Note. Counted by hand.").line("* p < .05").line(PROSE);
        assertThat(added()).containsExactly(CAPTION_NUMBER, CAPTION_TITLE, GRID, CAPTION_NOTE, CAPTION_NOTE, PARAGRAPH);
        Part table = parts().root().all(TABLE).get(0);
        assertThat(table.first()).isEqualTo(4);
        assertThat(table.last()).isEqualTo(8);
    }

    @Test
    void aNumberInRomanFiguresWithItsTitleBelow() {
        essay().line("TABLE I").line("LAMPS AND SUMS BY QUAY").line(PROSE);
        assertThat(added()).containsExactly(CAPTION_NUMBER, CAPTION_TITLE, PARAGRAPH);
    }

    @Test
    void aTableAfterTheListOfSourcesBelongsToNoEntry() {
        essay().newPage("References", BOLD).line("Keel, J. R. (2016). Bells of the northern harbours. Tidewrack.");
        newPage("Table 1", BOLD);
        out.table(List.of(4000), List.of(List.of("cell")), PLAIN);
        line("Note. Counted by hand.");
        assertThat(added()).containsExactly(SOURCES_LABEL, ENTRY, CAPTION_NUMBER, GRID, CAPTION_NOTE);
        assertThat(parts().root().children())
                .extracting(Part::kind)
                .containsExactly(HEADING_LINES, BODY, SOURCES, TABLE);
    }

    // ---- back matter

    @Test
    void anAppendixHoldsHeadingsQuotationsAndLists() {
        essay().newPage("References", BOLD).line("Keel, J. R. (2016). Bells of the northern harbours. Tidewrack.");
        newPage("Appendix A", BOLD)
                .centred("Questions for Harbour Keepers", BOLD)
                .line(PROSE);
        line(heading -> heading.style("H1").text("First Round"))
                .line(quotation ->
                        quotation.set(ParagraphProperties.INDENT_LEFT, 720).text(PROSE))
                .line("• How long have you kept this harbour?");
        assertThat(added())
                .containsExactly(
                        SOURCES_LABEL,
                        ENTRY,
                        APPENDIX_LABEL,
                        APPENDIX_TITLE,
                        PARAGRAPH,
                        HEADING,
                        BLOCK_QUOTATION,
                        LIST_ITEM);
        Part appendix = parts().root().all(APPENDIX).get(0);
        assertThat(appendix.all(SECTION)).hasSize(1);
        assertThat(appendix.all(BLOCK_QUOTATION)).hasSize(1);
        assertThat(parts().isInAppendix(8)).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"Works I Used", "REFERENCES CITED", "My Sources", ""})
    void aListOfSourcesIsToldByItsEntriesWhateverItsLabel(String label) {
        essay();
        if (!label.isEmpty()) {
            newPage(label, PLAIN);
        }
        line("Keel, J. R. Bells of the North. Low Water Press, 2016.").line("——. Weirs. Low Water Press, 2018.");
        line("Verholt, Ansa. The Weir Ledger. https://tidewrack.example/weir");
        assertThat(added()).endsWith(ENTRY, ENTRY, ENTRY);
        assertThat(added().contains(PartKind.SOURCES_LABEL)).isEqualTo(!label.isEmpty());
    }

    @Test
    void oneLineThatReadsLikeAnEntryMakesNoList() {
        essay().line("Keel, J. R., has it that lamps were dear in 1924. " + PROSE);
        assertThat(added()).containsExactly(PARAGRAPH);
    }

    @Test
    void aTypedNoteOpensWithARaisedNumber() {
        essay().line(line -> line.text("1", RAISED).text(" Keel, Bells of the North, 12."))
                .line(line -> line.text("2", RAISED).text(". So Verholt has it, and no one else has it so."))
                .line(line -> line.text("12", RAISED));
        assertThat(added().subList(0, 2)).containsExactly(NOTE, NOTE);
        assertThat(added().get(2)).isNotEqualTo(NOTE);
    }

    @Test
    void notesAndSourcesFollowTheirLabels() {
        essay().newPage("Notes", PLAIN).line("1. Keel gives the lamp a page of its own.");
        newPage("Works Cited", PLAIN).line("Verholt, Ansa. The Weir Ledger. Low Water Press, 2004.");
        assertThat(added()).containsExactly(NOTES_LABEL, NOTE, SOURCES_LABEL, ENTRY);
        assertThat(parts().root().children())
                .extracting(Part::kind)
                .containsExactly(HEADING_LINES, BODY, NOTES_PAGE, SOURCES);
    }

    // ---- spans and sections

    @Test
    void citationsAndMentionsAreSpans() {
        essay().line("The lamp comes first (Keel, 2016, p. 41), as Table 2 and Figure 1 show; Orrin (2009) agrees.");
        Part paragraph = parts().root().all(PARAGRAPH).get(1);
        assertThat(paragraph.all(CITATION)).hasSize(2);
        assertThat(paragraph.all(MENTION)).hasSize(2);
    }

    @Test
    void sectionsNestByTheirHeadings() {
        essay().line(heading -> heading.style("H1").text("Method"))
                .line(PROSE)
                .line("Study Site", ITALIC)
                .line(PROSE)
                .line(heading -> heading.style("H1").text("Results"))
                .line(PROSE);
        Part body = parts().root().child(BODY);
        assertThat(body).isNotNull();
        List<Part> sections =
                body.children().stream().filter(part -> part.kind() == SECTION).toList();
        assertThat(sections).hasSize(2).extracting(Part::last).containsExactly(7, 9);
        assertThat(sections.get(0).all(SECTION)).hasSize(2);
    }

    @Test
    void aCaptionInABoxOfTextBelongsToThePictureBesideIt() {
        essay().line(line -> line.picture("lamp.png", 914400, 914400, "a lamp"))
                .line(line -> boxed(line, "", "Figure 1", "A Lamp", "It is lit at dusk."))
                .line(line -> boxed(line, "Figure 2. Another lamp").text(PROSE))
                .line(line -> line.picture("lamp.png", 914400, 914400, "a lamp"))
                .line(PROSE);
        List<Part> figures = parts().root().all(FIGURE);
        assertThat(figures).hasSize(3);
        assertThat(figures.get(0).children())
                .extracting(Part::kind)
                .containsExactly(PICTURE, CAPTION_NUMBER, CAPTION_TITLE);
        assertThat(figures.get(1).children()).extracting(Part::kind).containsExactly(CAPTION_NUMBER);
        TextRange number = figures.get(1).children().get(0).range();
        assertThat(number).isNotNull();
        assertThat(number.paragraph().story().kind()).isEqualTo(Story.Kind.TEXT_BOX);
    }

    @Test
    void wordsInABoxThatAreNoCaptionArePartOfNothing() {
        essay().line(line -> line.picture("lamp.png", 914400, 914400, "a lamp"));
        line(line -> boxed(line, "A lamp"));
        line(line -> boxed(line, "Figure 1 shows the lamp on the north quay"));
        line(line -> boxed(line, "Figure 1. " + PROSE + PROSE)).line(PROSE);
        assertThat(parts().root().all(CAPTION_NUMBER)).isEmpty();
    }

    private static ParagraphBuilder boxed(ParagraphBuilder line, String... words) {
        return line.box(914400, 914400, Anchor.AT_PARAGRAPH, box -> {
            for (String each : words) {
                box.paragraph(each);
            }
        });
    }

    @Test
    void everyKindIsToldWithItsEvidence() {
        Parts parts = essay().line(line -> line.style("H1").text("Method"))
                .line(PROSE)
                .parts();
        List<Claim> evidence = parts.evidence(parts.root().all(HEADING).get(0).first());
        assertThat(evidence).isNotEmpty();
        assertThat(evidence.get(0).because()).contains("style");
        assertThat(evidence.get(0).weight()).isBetween(0.9, 1.0);
    }
}
