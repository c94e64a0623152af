package grintel.core.rule.text;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.rule.Examination;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A block quotation that is too short to be one. */
public final class TextQuotationShortRule implements Rule {
    @Override
    public String id() {
        return "text.quotation-short";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        QuotationLimit limit = QuotationLimit.of(exam);
        List<Blocks.Block> blocks = Blocks.of(exam);
        return exam.whole()
                .each(paper -> blocks, block -> exam.place(block.first()), block -> exam.identity(block.first()))
                .check(id(), "length")
                .measure(block -> limit.measure(exam, block.words()))
                .asks(limit.atLeast())
                .metWhen((block, is) -> limit.reaches(exam, block.words()) || isVerse(block, limit))
                .fix(
                        FixClass.ASK,
                        (off, cause) -> off.stream()
                                .flatMap(block -> runOn(exam, block).stream())
                                .toList())
                .fixable(block -> !runOn(exam, block).isEmpty())
                .readings();
    }

    /** Several short paragraphs, or lines that hard breaks part, are verse, of which fewer lines make a block. */
    private static boolean isVerse(Blocks.Block block, QuotationLimit limit) {
        long lines = block.paragraphs().stream()
                .mapToLong(paragraph -> paragraph.text().strip().lines().count())
                .sum();
        return lines > 1 && (limit.verseFrom() == Integer.MAX_VALUE || lines >= limit.verseFrom());
    }

    /** Lets the block go on in the paragraph before it; its marks are for the writer to set. */
    private static List<Edit> runOn(Examination exam, Blocks.Block block) {
        Paragraph before = before(exam, block);
        if (block.paragraphs().size() != 1 || before == null) {
            return List.of();
        }
        return List.of(new Edit.JoinParagraphs(before.address(), " "));
    }

    private static @Nullable Paragraph before(Examination exam, Blocks.Block block) {
        int at = block.first().address().index() - 1;
        boolean text = at >= 0
                && exam.parts().kind(at) == PartKind.PARAGRAPH
                && !exam.paper().paragraphs().get(at).endsSection();
        return text ? exam.paper().paragraphs().get(at) : null;
    }
}
