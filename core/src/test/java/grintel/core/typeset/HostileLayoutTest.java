package grintel.core.typeset;

import static org.assertj.core.api.Assertions.assertThat;

import grintel.core.paper.Anchor;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.TableProperties;
import grintel.core.paper.build.BlockList;
import java.util.List;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** Whatever a file asks for, layout ends, every word stands on some page, and what was not honoured is said. */
class HostileLayoutTest {
    private final TestPaper paper = new TestPaper();

    private static String words(Proof proof, PagePart part) {
        StringBuilder out = new StringBuilder();
        proof.pages().forEach(page -> page.lines(part).forEach(line -> out.append(line.text())));
        return out.toString().replaceAll("\\s", "");
    }

    @Test
    void aTableWiderThanTheSheet() {
        paper.table(table -> TestPaper.fixed(table, 12_000, 12_000).row(row -> TestPaper.cells(row, "left", "right")));
        Proof proof = paper.proof();
        assertThat(words(proof, PagePart.TEXT)).isEqualTo("leftright");
        assertThat(proof.remarks()).singleElement().asString().contains("wider than the sheet", "page 1");
    }

    @Test
    void aPictureLargerThanThePage() {
        Proof proof = paper.paragraph("before", PropertySet.empty())
                .pictured("at it", 30, 30, null)
                .pictured("beside", 30, 30, Anchor.AT_PARAGRAPH)
                .paragraph("after", PropertySet.empty())
                .proof();
        assertThat(words(proof, PagePart.TEXT)).contains("before", "beside", "after");
        assertThat(proof.pages()).hasSizeLessThan(6);
        assertThat(proof.remarks()).anyMatch(each -> each.contains("wider than the sheet"));
        assertThat(proof.remarks()).anyMatch(each -> each.contains("higher than the page"));
    }

    @Test
    void aWordOfAMillionLetters() {
        Proof proof =
                paper.paragraph("x".repeat(1_000_000), PropertySet.empty()).proof();
        assertThat(words(proof, PagePart.TEXT)).hasSize(1_000_000);
    }

    @Test
    void tablesFiftyDeep() {
        Consumer<BlockList> inner = blocks -> blocks.paragraph("deep");
        for (int i = 0; i < 50; i++) {
            Consumer<BlockList> deeper = inner;
            int depth = i;
            inner = blocks -> blocks.table(table -> table.columns(List.of(9360))
                            .set(TableProperties.FIXED, depth % 2 == 0)
                            .row(row -> row.cell(format -> {}, deeper)))
                    .paragraph("at" + depth);
        }
        Consumer<BlockList> outermost = inner;
        Proof proof = paper.table(table -> table.row(row -> row.cell(format -> {}, outermost)))
                .proof();
        assertThat(words(proof, PagePart.TEXT)).startsWith("deepat0").endsWith("at49");
    }

    @Test
    void everyParagraphKeepsWithTheNext() {
        Proof proof = paper.paragraphs(300, "kept", PropertySet.of(ParagraphProperties.KEEP_WITH_NEXT, true))
                .proof();
        assertThat(words(proof, PagePart.TEXT)).isEqualTo("kept".repeat(300));
        assertThat(proof.pages()).hasSize(7);
        assertThat(proof.remarks()).singleElement().asString().contains("more than a page");
    }

    @Test
    void aFootnoteLongerThanAPage() {
        String note = "a word of the note ".repeat(1200).strip();
        Proof proof = paper.noted("called", PropertySet.empty(), note).proof();
        assertThat(words(proof, PagePart.NOTE)).isEqualTo(note.replace(" ", ""));
        assertThat(proof.pages()).hasSizeGreaterThan(1);
        assertThat(proof.pages().get(1).fills()).isNotEmpty();
    }

    @Test
    void anIndentBeyondTheMargin() {
        PropertySet indented = new PropertySet.Builder()
                .set(ParagraphProperties.INDENT_LEFT, 8000)
                .set(ParagraphProperties.INDENT_RIGHT, 8000)
                .build();
        Proof proof = paper.paragraph("squeezed words", indented).proof();
        assertThat(words(proof, PagePart.TEXT)).isEqualTo("squeezedwords");
        assertThat(proof.remarks()).singleElement().asString().contains("no room for a line");
    }

    @Test
    void aCellNarrowerThanItsMargins() {
        paper.table(table -> TestPaper.fixed(table, 20).row(row -> TestPaper.cells(row, "narrow")));
        Proof proof = paper.proof();
        assertThat(words(proof, PagePart.TEXT)).isEqualTo("narrow");
        assertThat(proof.remarks()).singleElement().asString().contains("too narrow");
    }

    @Test
    void aSignNoFaceHasIsNamed() {
        Proof proof = paper.paragraph("a \uE000 sign", PropertySet.empty()).proof();
        assertThat(proof.remarks()).singleElement().asString().contains("U+E000");
    }
}
