package grintel.core.rule.text;

import grintel.core.edit.Edit;
import grintel.core.guide.Ask;
import grintel.core.guide.demand.FixClass;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.rule.Subjects;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A block quotation that is too short to be one. */
public final class TextQuotationShortRule implements Rule {
    /** Words in a line of verse at most. */
    private static final int LONGEST_LINE = 14;

    @Override
    public String id() {
        return "text.quotation-short";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        QuotationLimit limit = QuotationLimit.of(exam);
        List<Blocks.Block> blocks = Blocks.of(exam);
        List<Reading> out = new ArrayList<>();
        out.addAll(subjects(exam, blocks)
                .filter(block -> !limit.countsVerse() || !isVerse(block))
                .check(id(), "length")
                .measure(block -> limit.measure(exam, block.words()))
                .asks(limit.atLeast())
                .metWhen((block, is) -> limit.reaches(exam, block.words()) || isVerse(block))
                .fix(FixClass.ASK, (off, cause) -> runOn(exam, off))
                .fixable(block -> !runOn(exam, List.of(block)).isEmpty())
                .readings());
        out.addAll(subjects(exam, blocks)
                .filter(block -> limit.countsVerse() && isVerse(block))
                .check(id(), "verse")
                .measure(block -> new Measure.Count(block.lines().size(), "verse-line"))
                .asks(limit.atLeastOfVerse())
                .metWhen((block, is) -> block.lines().size() >= limit.verseFrom())
                .readings());
        return out;
    }

    private static Subjects<Blocks.Block> subjects(Examination exam, List<Blocks.Block> blocks) {
        return exam.whole()
                .each(paper -> blocks, block -> exam.place(block.first()), block -> exam.identity(block.first()));
    }

    /** Several short paragraphs, or short lines that hard breaks part. */
    private static boolean isVerse(Blocks.Block block) {
        return block.lines().size() > 1 && block.lines().stream().allMatch(line -> Words.count(line) <= LONGEST_LINE);
    }

    /** Lets blocks of one paragraph go on in the paragraph before; their marks are for the writer to set. */
    private static List<Edit> runOn(Examination exam, List<Blocks.Block> off) {
        List<Edit> edits = new ArrayList<>();
        for (Blocks.Block block : off) {
            Paragraph before = before(exam, block);
            if (block.paragraphs().size() == 1 && before != null) {
                edits.add(Edit.JoinParagraphs.spaced(before));
            }
        }
        return edits;
    }

    private static @Nullable Paragraph before(Examination exam, Blocks.Block block) {
        int at = block.first().address().index() - 1;
        boolean text = at >= 0
                && exam.parts().kind(at) == PartKind.PARAGRAPH
                && !exam.paper().paragraphs().get(at).endsSection();
        return text ? exam.paper().paragraphs().get(at) : null;
    }
}
