package grintel.core.rule.handin;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.ClosingDemands;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.rule.Reading;
import grintel.core.rule.Rule;
import grintel.core.structure.PartKind;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** The words of the text, and the pages, against the limits of the facts or of the house rules. */
public final class HandInLengthRule implements Rule {
    private static final Set<PartKind> COUNTED = EnumSet.of(
            PartKind.TITLE,
            PartKind.SUBTITLE,
            PartKind.HEADING,
            PartKind.PARAGRAPH,
            PartKind.CONTINUATION,
            PartKind.BLOCK_QUOTATION,
            PartKind.LIST_ITEM,
            PartKind.EPIGRAPH);

    @Override
    public String id() {
        return "hand-in.length";
    }

    @Override
    public List<Reading> read(Examination exam, Ask ask) {
        List<Reading> out = new ArrayList<>();
        Integer words =
                limit(ask.find(ClosingDemands.MAX_WORDS), exam.brief().facts().get("word-limit"));
        Integer pages =
                limit(ask.find(ClosingDemands.MAX_PAGES), exam.brief().facts().get("page-limit"));
        if (words != null) {
            out.addAll(limited(exam, "words", words(exam), words, "word"));
        }
        if (pages != null) {
            out.addAll(limited(exam, "pages", exam.proof().pages().size(), pages, "page"));
        }
        return out;
    }

    private List<Reading> limited(Examination exam, String quantity, int is, int most, String things) {
        return exam.whole()
                .check(id(), quantity)
                .measure(paper -> new Measure.Count(is, things))
                .asks(new Measure.Phrase("at-most", new Measure.Count(most, things)))
                .metWhen((paper, measure) -> is <= most)
                .readings();
    }

    /** A limit of the house rules, else of the facts, where that is a number. */
    private static @Nullable Integer limit(@Nullable Integer house, @Nullable String fact) {
        if (house != null || fact == null || !fact.matches("\\d{1,7}")) {
            return house;
        }
        return Integer.valueOf(fact);
    }

    private static int words(Examination exam) {
        int words = 0;
        for (Paragraph paragraph : exam.parts().paragraphs(COUNTED)) {
            int index = paragraph.address().index();
            if (!exam.parts().isOnTitlePage(index) && !exam.parts().isInAppendix(index)) {
                words += Words.count(paragraph.text());
            }
        }
        return words;
    }
}
