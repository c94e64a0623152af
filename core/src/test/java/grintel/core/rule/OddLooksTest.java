package grintel.core.rule;

import grintel.core.guide.Brief;
import grintel.core.guide.Facts;
import grintel.core.guide.Guides;
import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Paragraphs as students set them, among those of a correct paper. Before a bar stands what is set of one, after it its
 * words: {@code #} is a paragraph's worth, {@code *bold*} and {@code _italic_} a part of them.
 */
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
            draft = draft.add(out -> out.paragraph(one -> lay(line, one)));
        }
        Brief brief = Brief.of(Objects.requireNonNull(Guides.find(guide)), null, Facts.of("Solvane", ""));
        new OddCase(brief, "spacing", "type", "headings").see(draft.build());
    }

    private static void lay(String line, ParagraphBuilder out) {
        PropertySet.Builder type = new PropertySet.Builder();
        out.set(ParagraphProperties.INDENT_FIRST_LINE, 720);
        for (String mark : line.substring(0, line.indexOf('|')).split(", ", -1)) {
            set(mark, out, type);
        }
        PropertySet plain = type.build();
        String words = line.substring(line.indexOf('|') + 1).replace("#", Draft.PROSE);
        PropertySet look = plain;
        for (String piece : words.split("(?=[*_~])|(?<=[*_~])", -1)) {
            switch (piece) {
                case "*" -> look = look == plain ? Draft.BOLD.over(plain) : plain;
                case "_" -> look = look == plain ? Draft.ITALIC.over(plain) : plain;
                case "~" -> look = look == plain ? Draft.type("Arial", 20) : plain;
                default -> out.text(piece, look);
            }
        }
    }

    private static void set(String mark, ParagraphBuilder out, PropertySet.Builder type) {
        String what = mark.split(" ", 2)[0];
        String value = mark.contains(" ") ? mark.substring(mark.indexOf(' ') + 1) : "";
        switch (what) {
            case "exactly" ->
                out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.EXACTLY, of(value, 20)));
            case "least" ->
                out.set(ParagraphProperties.LINE_SPACING, new LineSpacing(LineSpacing.Rule.AT_LEAST, of(value, 20)));
            case "lines" -> out.set(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(Double.parseDouble(value)));
            case "after" -> out.set(ParagraphProperties.SPACE_AFTER, of(value, 20));
            case "before" -> out.set(ParagraphProperties.SPACE_BEFORE, of(value, 20));
            case "first" -> out.set(ParagraphProperties.INDENT_FIRST_LINE, of(value, 1440));
            case "left" -> out.set(ParagraphProperties.INDENT_LEFT, of(value, 1440));
            case "justified" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.JUSTIFIED);
            case "right" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.RIGHT);
            case "centred" -> out.set(ParagraphProperties.ALIGNMENT, Alignment.CENTRE);
            case "style" -> out.style("H" + value);
            case "size" -> type.set(CharacterProperties.SIZE, of(value, 2));
            case "face" -> type.set(CharacterProperties.FACE, value).set(CharacterProperties.FACE_HIGH_ANSI, value);
            case "bold" -> type.set(CharacterProperties.BOLD, true);
            case "italic" -> type.set(CharacterProperties.ITALIC, true);
            case "underlined" -> type.set(CharacterProperties.UNDERLINE, "single");
            case "capitals" -> type.set(CharacterProperties.CAPITALS, true);
            case "small" -> type.set(CharacterProperties.SMALL_CAPITALS, true);
            default -> {}
        }
    }

    private static int of(String value, int unit) {
        return (int) Math.round(Double.parseDouble(value) * unit);
    }
}
