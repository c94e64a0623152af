package grintel.core.rule;

import grintel.core.paper.Inline;
import grintel.core.paper.Marginals.Variant;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphProperties.Alignment;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.build.PaperBuilder;
import grintel.core.paper.build.ParagraphBuilder;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Headers and footers as students hand them in. {@code D>}, {@code F=} and {@code E<} open the header of usual, first and
 * even pages at the right, in the middle and at the left, small letters a footer; {@code #} is the number of the page,
 * {@code %} that of all pages, {@code /} a new line. {@code text} is a page and a half of it; {@code ---} ends a section
 * with one more paragraph.
 */
class OddHeadsTest {
    static Stream<Arguments> heads() {
        return Stream.of(
                head("mla-9", "a number typed on each page", "D>Solvane 1", "---", "D>Solvane 2", "---", "D>Solvane 3"),
                head(
                        "mla-9",
                        "numbers typed after a course",
                        "D>English 1",
                        "---",
                        "D>English 2",
                        "---",
                        "D>English 3"),
                head("mla-9", "a number too high", "D>Solvane 14", "text"),
                head("mla-9", "a course", "D>English 101", "text"),
                head("mla-9", "a date", "D>9 October 2026", "text"),
                head("mla-9", "a version", "D>Draft 1.2", "text"),
                head("mla-9", "a page of pages", "D>Solvane # of %", "text"),
                head("mla-9", "a typed page of pages", "D>1 of 3", "text"),
                head("mla-9", "a typed page of pages after words", "D>Solvane\t1/3", "text"),
                head("mla-9", "words and number at either margin", "D<Solvane\t#", "text"),
                head("mla-9", "no words", "D>#", "text"),
                head("mla-9", "no number", "D>Solvane", "text"),
                head("mla-9", "in the middle", "D=Solvane #", "text"),
                head("mla-9", "at the left", "D<Solvane #", "text"),
                head("mla-9", "no space between", "D>Solvane#", "text"),
                head("mla-9", "between dashes", "D>- # -", "text"),
                head("mla-9", "typed between dashes", "D>– 2 –", "text"),
                head("mla-9", "a word before the number", "D>Solvane p. #", "text"),
                head("mla-9", "a typed word and number", "D>Page 1", "text"),
                head("mla-9", "number before words", "D># Solvane", "text"),
                head("mla-9", "number between words", "D>Marit # Solvane", "text"),
                head("mla-9", "the whole name", "D>Marit Solvane #", "text"),
                head("mla-9", "capitals", "D>SOLVANE #", "text"),
                head("mla-9", "two lines", "D>Solvane/#", "text"),
                head("mla-9", "two lines of words", "D>Solvane/Low Canal #", "text"),
                head("mla-9", "a blank line over and one under", "D>/Solvane #/", "text"),
                head("mla-9", "a label", "D>Running head: LAMPS\t#", "text"),
                head("mla-9", "number at the foot", "D>Solvane", "d=#", "text"),
                head("mla-9", "numbers at both ends", "D>Solvane #", "d=#", "text"),
                head("mla-9", "words at the foot", "D>Solvane #", "d<Brackwater College", "text"),
                head("mla-9", "nothing on the first page", "F>", "D>Solvane #", "text", "text"),
                head("mla-9", "something on the first page alone", "F>Solvane #", "text", "text"),
                head("mla-9", "other words on the first page", "F>Lamps", "D>Solvane #", "text", "text"),
                head("mla-9", "even pages of their own", "D>Solvane #", "E<# Solvane", "text", "text", "text"),
                head("mla-9", "even pages with nothing", "D>Solvane #", "E<", "text", "text", "text"),
                head("mla-9", "a section without", "D>Solvane #", "text", "---", "D>", "text"),
                head("mla-9", "a section with other words", "D>Solvane #", "text", "text", "---", "D>Notes #", "text"),
                head("mla-9", "a first section without", "D>", "text", "---", "D>Solvane #", "text", "text", "text"),
                head("mla-9", "nothing anywhere", "text"),
                head("school-essay", "number at the foot", "d=#", "text"),
                head("school-essay", "number at the top", "D>#", "text"),
                head("chicago-notes", "number at the top", "D>#", "text"),
                head("chicago-notes", "number at the foot", "d=#", "text"),
                head("chicago-notes", "words at the top", "D>Solvane #", "text"),
                head("apa-7-student", "number", "D>#", "text"),
                head("apa-7-student", "words", "D<LAMPS\t#", "text"),
                head("apa-7-professional", "short title and number", "D<LOW CANAL\t#", "text"),
                head("apa-7-professional", "title in small letters", "D<Low Canal\t#", "text"),
                head("apa-7-professional", "a label", "D<Running head: LOW CANAL\t#", "text"),
                head(
                        "apa-7-professional",
                        "a title too long",
                        "D<LAMPS ON THE LOW CANAL AND THE PRICE OF OIL IN THREE NOVELS\t#",
                        "text"),
                head("apa-7-professional", "all at the right", "D>LOW CANAL #", "text"),
                head("apa-7-professional", "a number typed", "D<LOW CANAL\t1", "text"),
                head("apa-6", "no label on the first page", "D<LOW CANAL\t#", "text"),
                head("apa-6", "a label on all pages", "D<Running head: LOW CANAL\t#", "text"),
                head(
                        "apa-6",
                        "a label on the first page",
                        "F<Running head: LOW CANAL\t#",
                        "D<LOW CANAL\t#",
                        "text",
                        "text"));
    }

    private static Arguments head(String guide, String name, String... lines) {
        return Arguments.of(guide, name, List.of(lines));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("heads")
    void areReadAndPutRight(String guide, String name, List<String> lines) {
        Draft draft = Draft.mla().header(null).withoutSources();
        boolean text = false;
        for (String line : lines) {
            text |= line.equals("text") || line.equals("---");
            Consumer<PaperBuilder> laid = laid(line);
            draft = text ? draft.add(laid) : draft.sheet(laid);
        }
        OddCase.under(guide, "LOW CANAL", "running-head").see(draft.build());
    }

    private static Consumer<PaperBuilder> laid(String line) {
        if (line.equals("---")) {
            return out -> out.paragraph(all ->
                            all.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text(Draft.PROSE))
                    .endSection();
        } else if (line.equals("text")) {
            return out -> out.paragraph(
                    all -> all.set(ParagraphProperties.INDENT_FIRST_LINE, 720).text((Draft.PROSE + " ").repeat(12)));
        }
        char who = line.charAt(0);
        Variant variant = switch (Character.toUpperCase(who)) {
            case 'F' -> Variant.FIRST;
            case 'E' -> Variant.EVEN;
            default -> Variant.DEFAULT;
        };
        Story.Kind kind = Character.isUpperCase(who) ? Story.Kind.HEADER : Story.Kind.FOOTER;
        Alignment alignment = switch (line.charAt(1)) {
            case '=' -> Alignment.CENTRE;
            case '<' -> Alignment.LEFT;
            default -> Alignment.RIGHT;
        };
        return out -> {
            if (variant == Variant.FIRST) {
                out.section(SectionProperties.FIRST_PAGE_DIFFERS, true);
            } else if (variant == Variant.EVEN) {
                out.settings(before -> before.withEvenPagesDiffer(true));
            }
            out.marginal(kind, variant, blocks -> {
                for (String part : line.substring(2).split("/(?!\\d)", -1)) {
                    blocks.paragraph(one -> fill(one.set(ParagraphProperties.ALIGNMENT, alignment), part));
                }
            });
        };
    }

    private static void fill(ParagraphBuilder out, String words) {
        for (String piece : words.split("(?=[#%\t])|(?<=[#%\t])", -1)) {
            switch (piece) {
                case "#" -> out.pageNumber(PropertySet.empty());
                case "%" -> out.field(Inline.Field.Kind.PAGE_COUNT, "3", PropertySet.empty());
                case "\t" -> out.tab();
                default -> out.text(piece);
            }
        }
    }
}
