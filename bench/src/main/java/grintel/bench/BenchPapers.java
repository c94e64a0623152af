package grintel.bench;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.LineSpacing;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Style;
import grintel.core.paper.build.PaperBuilder;
import grintel.formats.docx.DocxWriter;
import java.util.List;
import java.util.Random;

/** Papers of any length with the faults that take longest to put right. */
public final class BenchPapers {
    private static final List<String> WORDS =
            List.of(("harbour fog bells shift the evening feeding of wading birds along a"
                            + " made-up coast while keepers watch from their posts and count, in ledgers of their own, what leaves the"
                            + " flats before the rope is touched; nobody (so far) has asked the birds")
                    .split(" ", -1));

    private static final PropertySet TYPE = new PropertySet.Builder()
            .set(CharacterProperties.FACE, "Times New Roman")
            .set(CharacterProperties.FACE_HIGH_ANSI, "Times New Roman")
            .set(CharacterProperties.SIZE, 24)
            .build();

    /** So many paragraphs of a plain paper fill so many pages. */
    private static final int PARAGRAPHS = 8;

    private static final int PAGES = 3;

    private BenchPapers() {}

    /** An untidy paper of about this many pages once it is double-spaced. */
    public static byte[] untidy(int pages) {
        Random random = new Random(7);
        PaperBuilder out = new PaperBuilder();
        PropertySet single = PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.multiple(1.15));
        out.style("Normal", "Normal", Style.Kind.PARAGRAPH, null, single, TYPE);
        for (String line :
                List.of("Marit Solvane", "Dr. Ilse Tamberg", "Literature 214", "9 October 2026", "Fog Bells")) {
            out.paragraph(line);
        }
        PropertySet pasted = PropertySet.of(CharacterProperties.SIZE, 22);
        for (int i = 0; i < pages * 2; i++) {
            int kind = i % 10;
            out.paragraph(paragraph -> {
                if (kind < 7) {
                    paragraph.set(ParagraphProperties.INDENT_FIRST_LINE, kind == 3 ? 432 : 720);
                } else {
                    paragraph.tab();
                }
                paragraph
                        .text(sentence(random, 70) + "  ")
                        .text(sentence(random, 66), kind == 5 ? pasted : PropertySet.empty());
            });
        }
        return DocxWriter.write(out.build());
    }

    /** A paper of about this many double-spaced pages, all in one face. */
    public static byte[] plain(int pages) {
        Random random = new Random(11);
        PaperBuilder out = new PaperBuilder();
        out.style(
                "Normal",
                "Normal",
                Style.Kind.PARAGRAPH,
                null,
                PropertySet.of(ParagraphProperties.LINE_SPACING, LineSpacing.DOUBLE),
                TYPE);
        for (int i = 0; i < pages * PARAGRAPHS / PAGES; i++) {
            out.paragraph(paragraph -> paragraph
                    .set(ParagraphProperties.INDENT_FIRST_LINE, 720)
                    .text(sentence(random, 70) + " " + sentence(random, 66)));
        }
        return DocxWriter.write(out.build());
    }

    private static String sentence(Random random, int words) {
        StringBuilder out = new StringBuilder();
        for (int i = 0; i < words; i++) {
            out.append(i == 0 ? "" : " ").append(WORDS.get(random.nextInt(WORDS.size())));
        }
        return out.append('.').toString();
    }
}
