package grintel.core.rule;

import grintel.core.paper.Inline;
import grintel.core.paper.Lengths;
import grintel.core.paper.PropertySet;
import grintel.core.paper.build.PaperBuilder;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Tables and figures with what students write over, under and about them: {@code grid} is a table, {@code cells} one of two
 * cells, {@code picture} a picture two inches high, {@code sign} one of a quarter of an inch; all else as in {@link Marked}.
 */
class OddCaptionsTest {
    private static final List<List<String>> GRID =
            List.of(List.of("Quay", "n", "M"), List.of("North", "14", "2.31"), List.of("South", "12", "3.04"));

    static Stream<Arguments> captions() {
        return Stream.of(
                captions("apa-7-student", "in form", "bold|Table 1", "italic|Lamps by Quay", "grid", "|See Table 1. #"),
                captions("apa-7-student", "none", "grid", "|#"),
                captions("apa-7-student", "none, and nothing before it", "grid", "grid", "|#"),
                captions("apa-7-student", "none at two cells", "cells", "|#"),
                captions(
                        "apa-7-student",
                        "under the table",
                        "grid",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "|See Table 1. #"),
                captions("apa-7-student", "in one line", "|Table 1. Lamps by quay", "grid", "|See Table 1. #"),
                captions(
                        "apa-7-student", "in one line and long", "|Table 1. " + Draft.PROSE, "grid", "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "parted by a line break",
                        "|Table 1\nLamps by Quay",
                        "grid",
                        "|See Table 1. #"),
                captions("apa-7-student", "in capitals", "|TABLE I", "|LAMPS BY QUAY", "grid", "|See Table I. #"),
                captions("apa-7-student", "a number and no title", "bold|Table 1", "grid", "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "a blank line between",
                        "bold|Table 1",
                        "|",
                        "italic|Lamps by Quay",
                        "grid",
                        "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "two in the wrong order",
                        "bold|Table 2",
                        "italic|Lamps by Quay",
                        "grid",
                        "|See Tables 1 and 2, or Table 2 alone. #",
                        "bold|Table 1",
                        "italic|Oil by Quay",
                        "grid",
                        "|#"),
                captions(
                        "apa-7-student",
                        "two of one number",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|See Table 1. #",
                        "bold|Table 1",
                        "italic|Oil by Quay",
                        "grid",
                        "|#"),
                captions(
                        "apa-7-student",
                        "one left out",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|See Table 3 before Table 1. #",
                        "bold|Table 3",
                        "italic|Oil by Quay",
                        "grid",
                        "|#"),
                captions(
                        "apa-7-student",
                        "pointed at",
                        "|See the table below, the following table and the table above. #",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|#"),
                captions("apa-7-student", "not mentioned", "bold|Table 1", "italic|Lamps by Quay", "grid", "|#"),
                captions(
                        "apa-7-student",
                        "notes out of order",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|* p < .05.",
                        "|Note. Counted at dusk.",
                        "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "notes in a small letter",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|note: counted at dusk",
                        "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "in an appendix",
                        "|See Table 1 and Appendix A. #",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "bold, centred|Appendix A",
                        "bold, centred|Lamps",
                        "|See Table 1. #",
                        "bold|Table 1",
                        "italic|Oil by Quay",
                        "grid"),
                captions(
                        "apa-7-student",
                        "a range",
                        "|See Tables 1–3 and Figures 1 to 2. #",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|Here is more. #",
                        "bold|Table 2",
                        "italic|Oil by Quay",
                        "grid",
                        "|Here is more. #",
                        "bold|Table 3",
                        "italic|Wicks by Quay",
                        "grid"),
                captions("mla-9", "in form", "|Table 1", "|Lamps by Quay", "grid", "|See table 1. #"),
                captions("chicago-notes", "in form", "|Table 1. Lamps by quay", "grid", "|See table 1. #"),
                captions(
                        "sbl-2",
                        "as in another guide",
                        "bold|Table 1",
                        "italic|Lamps by Quay",
                        "grid",
                        "|See Table 1. #"),
                captions(
                        "apa-7-student",
                        "a figure in form",
                        "bold|Figure 1",
                        "italic|A Lamp on a Quay",
                        "picture",
                        "|See Figure 1. #"),
                captions("apa-7-student", "a figure without", "picture", "|#"),
                captions("apa-7-student", "a sign", "sign", "|#"),
                captions("apa-7-student", "under the figure", "picture", "|Fig. 1: a lamp on a quay", "|See fig. 1. #"),
                captions(
                        "apa-7-student",
                        "a part of a figure",
                        "bold|Figure 1",
                        "italic|A Lamp",
                        "picture",
                        "|See Figure 1a. #"),
                captions(
                        "apa-7-student",
                        "two pictures",
                        "bold|Figure 1",
                        "italic|Two Lamps",
                        "picture",
                        "picture",
                        "|See Figure 1. #"),
                captions(
                        "apa-7-student",
                        "a picture called a table",
                        "bold|Table 1",
                        "italic|A Lamp",
                        "picture",
                        "|See Table 1. #"),
                captions("mla-9", "a figure in form", "picture", "|Fig. 1. A lamp on a quay.", "|See fig. 1. #"),
                captions("mla-9", "over the figure", "|Fig. 1. A lamp on a quay.", "picture", "|See fig. 1. #"),
                captions(
                        "mla-9",
                        "a figure called Figure",
                        "picture",
                        "|Figure 1: A lamp on a quay.",
                        "|See figure 1. #"),
                captions(
                        "chicago-notes",
                        "a figure in form",
                        "picture",
                        "|Figure 1. A lamp on a quay.",
                        "|See figure 1. #"));
    }

    private static Arguments captions(String guide, String name, String... lines) {
        return Arguments.of(guide, name, List.of(lines));
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("captions")
    void areReadAndPutRight(String guide, String name, List<String> lines) {
        Draft draft = Draft.mla().text(line -> line.text(Draft.PROSE));
        for (String line : lines) {
            draft = draft.add(out -> lay(line, out));
        }
        OddCase.under(guide, "", "tables", "figures").see(draft.build());
    }

    private static void lay(String line, PaperBuilder out) {
        switch (line) {
            case "grid" -> out.table(Collections.nCopies(3, 1500), GRID, PropertySet.empty());
            case "cells" -> out.table(List.of(1500, 1500), List.of(List.of("Quay", "n")), PropertySet.empty());
            case "picture" ->
                out.paragraph(one -> one.picture(
                        "lamp.png",
                        Lengths.EMU_PER_INCH * 4,
                        Lengths.EMU_PER_INCH * 2,
                        null,
                        "a lamp on a quay",
                        new Inline.Picture.Pixels(1200, 600)));
            case "sign" ->
                out.paragraph(
                        one -> one.picture("sign.png", Lengths.EMU_PER_INCH / 4, Lengths.EMU_PER_INCH / 4, "a sign"));
            default -> out.paragraph(one -> Marked.lay(line, line.contains("#") ? 0.5 : 0, one));
        }
    }
}
