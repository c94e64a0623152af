package grintel.core.rule;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Paragraphs as students set them, among those of a correct paper; {@link Marked} says how they are written. */
class OddLooksTest {
    static Stream<Arguments> looks() {
        return Stream.of(
                looks("mla-9", "lines of 24 points", "exactly 24|#"),
                looks("mla-9", "lines of 23.9 points", "exactly 23.9|#"),
                looks("mla-9", "lines of 25 points", "exactly 25|#"),
                looks("mla-9", "lines of 28 points at least", "least 28|#"),
                looks("mla-9", "lines of 10 points at least", "least 10|#"),
                looks("mla-9", "nearly double", "lines 1.95|#", "lines 2.05|#"),
                looks("mla-9", "not quite double", "lines 1.94|#", "lines 2.06|#"),
                looks("mla-9", "one and a half", "lines 1.5|#"),
                looks("mla-9", "lines for type of their own", "exactly 20, size 10|#"),
                looks("mla-9", "gaps", "after 6|#", "before 10|#", "|#"),
                looks("mla-9", "gaps too small to see", "after 0.5|#", "|#"),
                looks("mla-9", "indents", "first 0.3|#", "first 0|#", "first 0.48|#", "left 0.5, first 0|#"),
                looks("mla-9", "an indent of spaces", "first 0|     #", "first 0|  #"),
                looks("mla-9", "an indent of a tab", "first 0|\t#"),
                looks("mla-9", "a tab beyond an indent", "|\t#"),
                looks("mla-9", "alignments", "justified|#", "right|#", "centred|#"),
                looks("mla-9", "one blank line", "|#", "|", "|#"),
                looks("mla-9", "blank lines of several kinds", "|#", "|  ", "|\t", "|\u00A0", "|#"),
                looks("mla-9", "blank lines at the end", "|#", "|", "|"),
                looks("mla-9", "a blank line after a heading", "bold, first 0|Oil", "|", "|#"),
                looks("mla-9", "type beside that of the text", "size 10|#", "size 13|#", "face Arial|#"),
                looks("mla-9", "a few words in another type", "|# ~and so on~"),
                looks("mla-9", "bold in the text", "|# *It was dark.*", "bold|#"),
                looks("mla-9", "whole paragraphs in italics", "italic|#"),
                looks("mla-9", "underlined", "underlined|#"),
                looks("mla-9", "in capitals", "capitals|#"),
                looks("mla-9", "shouted", "|AND SO IT IS THEN. " + Draft.PROSE),
                looks("apa-7-student", "a heading in bold", "bold, centred, first 0|Oil and Wicks", "|#"),
                looks("apa-7-student", "a heading nearly all bold", "centred, first 0|*Oil and Wick*s", "|#"),
                looks("apa-7-student", "a heading half bold", "centred, first 0|*Oil* and Wicks", "|#"),
                looks("apa-7-student", "a heading in plain type", "style 1, centred, first 0|Oil and Wicks", "|#"),
                looks("apa-7-student", "a title in a heading", "bold, centred, first 0|Oil in _The Weir Ledger_", "|#"),
                looks("apa-7-student", "a heading in italics", "bold, italic, centred, first 0|Oil and Wicks", "|#"),
                looks("apa-7-student", "a heading underlined", "bold, underlined, centred, first 0|Oil", "|#"),
                looks("apa-7-student", "a heading set in capitals", "bold, capitals, centred, first 0|Oil", "|#"),
                looks("apa-7-student", "a heading set in small capitals", "bold, small, centred, first 0|Oil", "|#"),
                looks("apa-7-student", "a heading with the indent of the text", "bold, centred|Oil and Wicks", "|#"),
                looks(
                        "apa-7-student",
                        "a heading a little off",
                        "bold, centred, left 0.1, first 0|Oil and Wicks",
                        "|#"),
                looks("apa-7-student", "a heading in the middle by tabs", "bold, first 0|\t\t\t\tOil and Wicks", "|#"),
                looks("apa-7-student", "a heading at the margin", "style 1, bold, first 0|Oil and Wicks", "|#"),
                looks(
                        "apa-7-student",
                        "levels",
                        "style 1, bold, centred, first 0|Method",
                        "style 2, bold, first 0|Lamps",
                        "|#",
                        "style 3, bold, first 0|Wicks",
                        "|#"),
                looks("chicago-notes", "a heading", "bold, first 0|Oil and Wicks", "|#", "bold, first 0|Lamps", "|#"),
                looks("sbl-2", "a heading", "style 1, centred, first 0|Oil and Wicks", "|#"),
                looks("school-essay", "a type the school leaves free", "size 11, face Georgia|#"));
    }

    private static Arguments looks(String guide, String name, String... lines) {
        return Arguments.of(guide, name, List.of(lines));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("looks")
    void areReadAndPutRight(String guide, String name, List<String> lines) {
        Draft draft = Draft.mla().headingStyles();
        for (String line : lines) {
            draft = draft.add(out -> out.paragraph(one -> Marked.lay(line, 0.5, one)));
        }
        OddCase.under(guide, "", "spacing", "type", "headings").see(draft.build());
    }
}
