package grintel.core.rule;

import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.SectionProperties.Break;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** How lists of sources come to stand on a page of their own, or do not, in papers as students hand them in. */
class OddBreaksTest {
    private static final Consumer<ParagraphBuilder> AS_IT_IS = line -> {};

    static Stream<Arguments> breaks() {
        return Stream.of(
                breaks("none", end -> {}, AS_IT_IS),
                breaks("before the label", end -> {}, breakBefore()),
                breaks("at the end of the text", end -> last(end, Draft.PROSE + "\f"), AS_IT_IS),
                breaks("at the end of the text, spaces after it", end -> last(end, Draft.PROSE + "\f  "), AS_IT_IS),
                breaks("before the last words of the text", end -> last(end, "Lamps.\f" + Draft.PROSE), AS_IT_IS),
                breaks("in the label", end -> {}, line -> line.text("\f")),
                breaks("in the label after spaces", end -> {}, line -> line.text(" \f")),
                breaks("in the label after a tab", end -> {}, line -> line.tab().text("\f")),
                breaks("in a blank line", end -> last(end, "\f"), AS_IT_IS),
                breaks("in the first of two blank lines", end -> last(last(end, "\f"), ""), AS_IT_IS),
                breaks("before a blank line", end -> end.paragraph(breakBefore()), AS_IT_IS),
                breaks(
                        "a new line at the end",
                        end -> end.paragraph(line -> line.text(Draft.PROSE).lineBreak()),
                        AS_IT_IS),
                breaks("blank lines that stay on the page", end -> last(last(end, ""), ""), AS_IT_IS),
                breaks("blank lines that push", OddBreaksTest::pushed, AS_IT_IS),
                breaks("a large gap", end -> {}, line -> line.set(ParagraphProperties.SPACE_BEFORE, 11_000)),
                breaks("the section ends", end -> ends(end, Draft.PROSE, Break.NEXT_PAGE), AS_IT_IS),
                breaks("the section ends in a blank line", end -> ends(end, "", Break.NEXT_PAGE), AS_IT_IS),
                breaks("the section goes on", end -> ends(end, Draft.PROSE, Break.CONTINUOUS), AS_IT_IS),
                breaks("the section goes on after a blank line", end -> ends(end, "", Break.CONTINUOUS), AS_IT_IS),
                breaks("a new column", end -> ends(end, Draft.PROSE, Break.NEXT_COLUMN), AS_IT_IS),
                breaks("an odd page", end -> ends(end, Draft.PROSE, Break.ODD_PAGE), AS_IT_IS),
                breaks(
                        "two sections",
                        end -> ends(ends(end, Draft.PROSE, Break.CONTINUOUS), "", Break.NEXT_PAGE),
                        AS_IT_IS),
                breaks("a page break and a section", end -> ends(last(end, "\f"), "", Break.CONTINUOUS), AS_IT_IS),
                breaks(
                        "a table before it",
                        end -> end.table(List.of(4680), List.of(List.of("Lamps")), PropertySet.empty()),
                        AS_IT_IS));
    }

    private static Arguments breaks(String name, Consumer<PaperBuilder> end, Consumer<ParagraphBuilder> label) {
        return Arguments.of(name, end, label);
    }

    private static Consumer<ParagraphBuilder> breakBefore() {
        return line -> line.set(ParagraphProperties.PAGE_BREAK_BEFORE, true);
    }

    private static PaperBuilder last(PaperBuilder out, String words) {
        return out.paragraph(
                line -> line.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(words));
    }

    private static void pushed(PaperBuilder out) {
        for (int i = 0; i < 20; i++) {
            out.paragraph("");
        }
    }

    private static PaperBuilder ends(PaperBuilder out, String words, Break kind) {
        return last(out, words).endSection().section(SectionProperties.BREAK, kind);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("breaks")
    void areReadAndPutRight(String name, Consumer<PaperBuilder> end, Consumer<ParagraphBuilder> label) {
        Draft draft = Draft.mla().runOnSources().label("Works Cited", label).add(end);
        OddCase.under("mla-9", "", "sources", "spacing").see(draft.build());
    }
}
