package grintel.bench.fuzz;

import grintel.bench.BenchPapers;
import grintel.core.paper.Anchor;
import grintel.core.paper.Inline;
import grintel.core.paper.Marginals;
import grintel.core.paper.PropertySet;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.demo.UntidyEssay;
import grintel.formats.demo.UntidyStudy;
import grintel.formats.docx.DocxWriter;
import java.util.List;

/** The sound papers that damaged ones are made from. */
final class Seeds {
    private static final long INCH = 914_400;

    private Seeds() {}

    static List<byte[]> all() {
        return List.of(UntidyEssay.write(), UntidyStudy.write(), BenchPapers.untidy(2), oneOfEverything());
    }

    private static byte[] oneOfEverything() {
        PropertySet plain = PropertySet.empty();
        return DocxWriter.write(new PaperBuilder()
                .header(Marginals.Variant.DEFAULT, p -> p.text("Solvane ").pageNumber(plain))
                .header(Marginals.Variant.FIRST, p -> p.text("Running head: LAMPS"))
                .footer(Marginals.Variant.DEFAULT, p -> p.text("Page ").pageNumber(plain))
                .section(SectionProperties.FIRST_PAGE_DIFFERS, true)
                .paragraph("Lamps on the Low Canal")
                .paragraph("Marit Solvane")
                .paragraph(p -> p.text("Keepers").pageBreak())
                .paragraph(p -> p.text("A keeper called the bell")
                        .note(Story.Kind.FOOTNOTE, plain, note -> note.paragraph("Ekwall, Tolls, 12."))
                        .text(" and it rang \"twice\" (Ekwall 12).")
                        .tab()
                        .lineBreak()
                        .text("It was heard in town"))
                .paragraph(
                        p -> p.field(Inline.Field.Kind.PAGE_COUNT, "3", plain).text(" of them"))
                .table(t -> t.columns(List.of(3000, 3000))
                        .row(List.of(3000, 3000), List.of("Station", "Birds"), plain)
                        .row(List.of(3000, 3000), List.of("Arden", "12"), plain))
                .paragraph(p -> p.box(2 * INCH, INCH, Anchor.AT_PARAGRAPH, box -> box.paragraph("Figure 1. A bell")))
                .endSection()
                .paragraph("    ")
                .paragraph("Works Cited")
                .paragraph("Solvane, Marit. Lamps on the Low Canal. Brackwater, 2021.")
                .paragraph("Ekwall, Tobias. Tolls. Brackwater, 2019.")
                .build());
    }
}
