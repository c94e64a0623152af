package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Story;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Notes at the foot and at the end, and boxes beside the flow. Letter, margins of an inch. */
class NotesTest {
    private static final String LONG = "a word of the note ".repeat(60).strip();

    @Test
    void eachNoteStandsOnThePageThatCallsIt() {
        TestPaper paper = new TestPaper();
        List<String> written = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            paper.noted("line", TestPaper.DOUBLE, "note " + i);
            written.add("note " + i);
        }
        Proof proof = paper.proof();
        List<String> set = new ArrayList<>();
        for (ProofPage page : proof.pages()) {
            assertThat(page.lines(PagePart.NOTE)).hasSameSizeAs(page.lines(PagePart.TEXT));
            page.lines(PagePart.NOTE).forEach(line -> set.add(line.text()));
        }
        assertThat(set).isEqualTo(written);
        assertThat(proof.pages()).hasSizeGreaterThan(2);
    }

    @Test
    void notesStandUnderALineAndUnderEachOther() {
        ProofPage page = new TestPaper()
                .noted("one", PropertySet.empty(), "first note")
                .noted("two", PropertySet.empty(), "second note")
                .proof()
                .pages()
                .get(0);
        List<ProofLine> notes = page.lines(PagePart.NOTE);
        assertThat(notes).extracting(ProofLine::text).containsExactly("first note", "second note");
        assertThat(notes.get(1).top())
                .isEqualTo(notes.get(0).top() + notes.get(0).height());
        Fill separator = page.fills().get(0);
        assertThat(separator.y()).isLessThan(notes.get(0).top());
        assertThat(separator.x()).isEqualTo(page.frame().left());
        assertThat(separator.width()).isLessThan(page.frame().width());
    }

    @Test
    void aNoteTooLongForItsPageGoesOnAtTheFootOfTheNext() {
        Proof proof = new TestPaper()
                .paragraphs(20, "line", TestPaper.DOUBLE)
                .noted("called", TestPaper.DOUBLE, LONG)
                .paragraphs(20, "line", TestPaper.DOUBLE)
                .proof();
        List<String> parts = new ArrayList<>();
        for (ProofPage page : proof.pages()) {
            StringBuilder note = new StringBuilder();
            page.lines(PagePart.NOTE).forEach(line -> note.append(line.text()).append(' '));
            if (!note.isEmpty()) {
                parts.add(note.toString().strip());
                List<ProofLine> lines = page.lines(PagePart.NOTE);
                ProofLine last = lines.get(lines.size() - 1);
                assertThat(last.top() + last.height()).isEqualTo(page.frame().bottom());
                assertThat(page.fills()).isNotEmpty();
            }
        }
        assertThat(parts).hasSize(2);
        assertThat(String.join(" ", parts)).isEqualTo(LONG);
    }

    @Test
    void endnotesComeAfterTheTextInOrder() {
        Proof proof = new TestPaper()
                .endnoted("one", "first note")
                .endnoted("two", "second note")
                .paragraph("the end", PropertySet.empty())
                .proof();
        List<ProofLine> lines = proof.pages().get(0).lines();
        assertThat(lines).extracting(ProofLine::text).endsWith("the end", "first note", "second note");
        assertThat(lines.get(lines.size() - 1).part()).isEqualTo(PagePart.NOTE);
        assertThat(lines.get(3).top()).isGreaterThan(lines.get(2).top());
        assertThat(lines.get(4).top() + lines.get(4).height())
                .isLessThan(proof.pages().get(0).frame().bottom());
    }

    @Test
    void aCallIsRaisedAndReadsAsItsNumber() {
        ProofLine line = new TestPaper()
                .noted("called", PropertySet.empty(), "note")
                .proof()
                .pages()
                .get(0)
                .lines()
                .get(0);
        assertThat(line.text()).isEqualTo("called1");
    }

    @Test
    void aBoxInTheHeaderStandsOnEveryPageWhereItSays() {
        Proof proof = new TestPaper()
                .headerBox("box")
                .paragraphs(60, "line", TestPaper.DOUBLE)
                .proof();
        assertThat(proof.pages())
                .hasSize(3)
                .allSatisfy(page -> assertThat(page.lines(PagePart.BOX))
                        .singleElement()
                        .satisfies(line -> {
                            assertThat(line.text()).isEqualTo("box");
                            assertThat(line.x()).isBetween(page.width() - Millipoints.PER_INCH, page.width());
                            assertThat(line.y()).isLessThan(Millipoints.PER_INCH);
                        }));
    }

    @Test
    void everyParagraphOfANoteIsFound() {
        Proof proof =
                new TestPaper().noted("called", PropertySet.empty(), "note").proof();
        Story story = new Story(Story.Kind.FOOTNOTE, "1");
        assertThat(proof.lines(new ParagraphAddress(story, 0))).hasSize(1);
        assertThat(proof.pageOf(new ParagraphAddress(story, 0))).isEqualTo(1);
    }
}
