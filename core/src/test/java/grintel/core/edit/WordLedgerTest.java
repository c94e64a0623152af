package grintel.core.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import grintel.core.paper.Inline;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.Paper;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import grintel.core.paper.TextRange;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.random.RandomEdits;
import grintel.core.random.RandomPaper;
import java.util.List;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Every word is accounted for, and white space that parts words is no nothing. */
class WordLedgerTest {
    private static Paper paper(String... paragraphs) {
        PaperBuilder out = new PaperBuilder();
        for (String each : paragraphs) {
            out.paragraph(each);
        }
        return out.build();
    }

    private static ParagraphAddress text(int index) {
        return ParagraphAddress.text(index);
    }

    private static WordLedger ledger(Paper paper) {
        return WordLedger.of(paper);
    }

    private static List<WordChange> changes(Paper paper, Edit... edits) {
        return ledger(paper).changes(List.of(edits));
    }

    // ---- what is the same

    @Test
    void whiteSpaceMayChangeItsKindAndNumber() {
        Paper one = paper("The bells  ring.", "", " At dusk. ");
        Paper other = paper("The\u00A0bells ring.", "At dusk.");
        assertThat(ledger(one).isSameAs(ledger(other))).isTrue();
        assertThat(ledger(one).firstDifference(ledger(other))).isEmpty();
    }

    @Test
    void wordsThatAreJoinedOrPartedAreOthers() {
        assertThat(ledger(paper("The bells ring.")).hasSameTextAs(ledger(paper("The bellsring."))))
                .isFalse();
        assertThat(ledger(paper("One.", "Two.")).hasSameTextAs(ledger(paper("One. Two."))))
                .isFalse();
    }

    @Test
    void aSingleLetterAndTheOrderOfParagraphsCount() {
        assertThat(ledger(paper("Bells")).isSameAs(ledger(paper("bells")))).isFalse();
        assertThat(ledger(paper("a", "b")).isSameAs(ledger(paper("b", "a")))).isFalse();
        assertThat(ledger(paper("a", "b")).firstDifference(ledger(paper("a", "c"))))
                .isEqualTo("b");
    }

    private static Paper headed(UnaryOperator<PaperBuilder> head) {
        return head.apply(new PaperBuilder()).paragraph("text").build();
    }

    @Test
    void headersCountForTheWholeAndNotForTheText() {
        Paper without = paper("text");
        Paper with = headed(
                out -> out.header(Variant.DEFAULT, line -> line.text("Solvane ").pageNumber(PropertySet.empty())));
        assertThat(ledger(without).hasSameTextAs(ledger(with))).isTrue();
        assertThat(ledger(without).isSameAs(ledger(with))).isFalse();
        assertThat(ledger(with).marginalChanges(ledger(without)))
                .singleElement()
                .satisfies(change -> {
                    assertThat(change.before()).isEqualTo("Solvane #");
                    assertThat(change.after()).isEmpty();
                    assertThat(change.where().isMarginal()).isTrue();
                });
    }

    private static Paper noted(String note) {
        return new PaperBuilder()
                .paragraph(each -> each.text("Bells")
                        .note(Story.Kind.FOOTNOTE, PropertySet.empty(), blocks -> blocks.paragraph(note))
                        .text(" ring."))
                .build();
    }

    @Test
    void wordsOfNotesCountWhereTheNotesAreCalled() {
        assertThat(ledger(noted("Ekwall 4.")).isSameAs(ledger(noted("Ekwall  4."))))
                .isTrue();
        assertThat(ledger(noted("Ekwall 4.")).isSameAs(ledger(noted("Ekwall 5."))))
                .isFalse();
        assertThat(ledger(noted("Ekwall 4.")).isSameAs(ledger(paper("Bells ring."))))
                .isFalse();
    }

    // ---- what edits declare

    @Test
    void looksAndWhiteSpaceChangeNoWords() {
        Paper paper = paper("The  bells ring.");
        assertThat(changes(paper, Edit.ReplaceText.words(new TextRange(text(0), 3, 5), " ")))
                .isEmpty();
        assertThat(changes(paper, new Edit.ApplyStyle(text(0), "Title"))).isEmpty();
    }

    @Test
    void replacedWordsAreToldBeforeAndAfter() {
        assertThat(changes(paper("The bells ring."), Edit.ReplaceText.words(new TextRange(text(0), 4, 9), "lamps")))
                .singleElement()
                .satisfies(change -> {
                    assertThat(change.before()).isEqualTo("The bells ring.");
                    assertThat(change.after()).isEqualTo("The lamps ring.");
                    assertThat(change.kind()).isEqualTo(WordChange.Kind.CHANGED);
                    assertThat(change.where().paragraph()).isEqualTo(text(0));
                });
    }

    @Test
    void spaceTakenBetweenWordsIsDeclared() {
        assertThat(changes(paper("The bells"), Edit.ReplaceText.words(new TextRange(text(0), 3, 4), "")))
                .singleElement()
                .satisfies(change -> assertThat(change.after()).isEqualTo("Thebells"));
    }

    @Test
    void paragraphsThatComeGoPartAndJoin() {
        Paper paper = paper("One.", "Two.", "Three.");
        assertThat(changes(paper, new Edit.RemoveParagraph(text(1))))
                .extracting(WordChange::before, WordChange::after)
                .containsExactly(tuple("Two.", ""));
        assertThat(changes(
                        paper,
                        new Edit.InsertParagraph(
                                Position.after(text(0)), NewParagraph.of(null, PropertySet.empty(), "New."))))
                .extracting(WordChange::before, WordChange::after)
                .containsExactly(tuple("One.", "One. ¶ New."));
        assertThat(changes(paper, new Edit.SplitParagraph(text(2), 2)))
                .extracting(WordChange::after)
                .containsExactly("Th ¶ ree.");
        assertThat(changes(paper, new Edit.JoinParagraphs(text(0), " ")))
                .extracting(WordChange::before, WordChange::after)
                .contains(tuple("One.", "One. Two."));
        assertThat(changes(paper, new Edit.MoveParagraphs(text(0), 1, Position.after(text(2)))))
                .extracting(WordChange::kind, WordChange::before)
                .containsExactly(tuple(WordChange.Kind.MOVED, "One."));
        assertThat(changes(paper, new Edit.RemoveParagraph(text(1)), new Edit.RemoveParagraph(text(2))))
                .hasSize(2);
    }

    @Test
    void aHeaderThatIsWrittenOrTakenFromTheSectionBeforeIsToldAsItIsSeen() {
        Paper paper = new PaperBuilder()
                .header(Variant.DEFAULT, line -> line.text("One"))
                .paragraph("text")
                .endSection()
                .header(Variant.DEFAULT, line -> line.text("Two"))
                .paragraph("more")
                .build();
        assertThat(changes(paper, new Edit.InheritMarginal(1, Story.Kind.HEADER, Variant.DEFAULT)))
                .extracting(WordChange::before, WordChange::after)
                .containsExactly(tuple("Two", "One"));
        MarginalContent number = new MarginalContent(
                List.of(), List.of(), List.of(new Piece.Value(Inline.Field.Kind.PAGE)), 9360, "Tinos", 24);
        assertThat(changes(paper, new Edit.WriteMarginal(0, Story.Kind.HEADER, Variant.DEFAULT, number)))
                .extracting(WordChange::before, WordChange::after)
                .containsExactly(tuple("One", "#"));
    }

    @Test
    void aPictureThatGoesWithItsLineIsNoticed() {
        Paper paper = new PaperBuilder()
                .header(
                        Variant.DEFAULT,
                        line -> line.text("Brackwater ").picture("word/media/a.png", 9000, 9000, "seal"))
                .paragraph("text")
                .build();
        MarginalContent blank = new MarginalContent(List.of(), List.of(), List.of(), 9360, "Tinos", 24);
        assertThat(changes(paper, new Edit.WriteMarginal(0, Story.Kind.HEADER, Variant.DEFAULT, blank)))
                .singleElement()
                .satisfies(change -> assertThat(change.takesPictures()).isTrue());
    }

    @Test
    void placesThatAreNotThereAreRefused() {
        Paper paper = paper("One.");
        assertThatThrownBy(() -> changes(paper, new Edit.RemoveParagraph(text(4))))
                .isInstanceOf(EditRefusedException.class);
        assertThatThrownBy(() -> changes(paper, new Edit.SplitParagraph(text(0), 40)))
                .isInstanceOf(RuntimeException.class);
    }

    // ---- what is declared is what is done

    static Stream<Arguments> edits() {
        return RandomEdits.kinds().stream()
                .flatMap(kind -> Stream.of(1L, 2L, 3L, 4L).map(seed -> Arguments.of(kind, seed)));
    }

    @ParameterizedTest(name = "{0}, seed {1}")
    @MethodSource("edits")
    void theLedgerAfterEditsIsThatOfTheEditedPaper(Class<?> kind, long seed) {
        Paper paper = RandomPaper.of(seed);
        List<Edit> edits = RandomEdits.of(kind, paper, new Random(seed), 5);
        WordLedger before = ledger(paper);
        WordLedger declared = before.after(edits);
        WordLedger done = ledger(PaperEditor.apply(paper, edits));
        assertThat(declared.firstDifference(done)).as("%s", edits).isEmpty();
        assertThat(declared.isSameAs(done)).as("%s", edits).isTrue();
        assertThat(before.changes(edits).isEmpty()).as("%s", edits).isEqualTo(before.isSameAs(done));
    }
}
