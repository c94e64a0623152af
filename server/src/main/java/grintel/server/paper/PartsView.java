package grintel.server.paper;

import grintel.core.check.Report;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Quotes;
import grintel.core.rule.Wording;
import grintel.core.structure.Claim;
import grintel.core.structure.PartKind;
import grintel.core.structure.Parts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * The run of a paper: what each of its paragraphs was taken for, and why.
 *
 * @param kinds what the writer can say a paragraph is
 */
record PartsView(List<BlockView> blocks, List<KindView> kinds) {
    static PartsView of(Report report) {
        Parts parts = report.parts();
        List<BlockView> blocks = new ArrayList<>();
        for (Paragraph paragraph : report.paper().paragraphs()) {
            int index = paragraph.address().index();
            PartKind kind = parts.kind(index);
            if (kind != PartKind.BLANK && kind != PartKind.GRID && kind != PartKind.PICTURE) {
                blocks.add(BlockView.of(report, paragraph));
            }
        }
        return new PartsView(
                blocks, PartKind.CORRECTABLE.stream().map(KindView::of).toList());
    }

    /**
     * A paragraph of the text.
     *
     * @param paragraph its index
     * @param page sheet it starts on, 0 for none
     * @param kind what it was taken for
     * @param level of a heading, else 0
     * @param words its first words
     * @param because what it was told by, the weightiest first
     * @param doubt how much is left of it, in per cent
     * @param corrected whether the writer said so
     */
    record BlockView(
            int paragraph,
            int page,
            String kind,
            String name,
            int level,
            String words,
            List<String> because,
            int doubt,
            boolean corrected) {
        static BlockView of(Report report, Paragraph paragraph) {
            Parts parts = report.parts();
            int index = paragraph.address().index();
            return new BlockView(
                    index,
                    report.proof().pageOf(paragraph.address()),
                    parts.kind(index).name().toLowerCase(Locale.ROOT),
                    Wording.part(parts.kind(index)),
                    parts.headingLevel(index),
                    Quotes.first(paragraph.text()),
                    parts.evidence(index).stream()
                            .map(Claim::because)
                            .distinct()
                            .toList(),
                    (int) Math.round(parts.doubt(index) * 100),
                    parts.isCorrected(index));
        }
    }

    /** A kind of paragraph. */
    record KindView(String id, String name) {
        static KindView of(PartKind kind) {
            return new KindView(kind.name().toLowerCase(Locale.ROOT), Wording.part(kind));
        }
    }
}
