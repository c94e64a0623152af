package grintel.core.rule.text;

import grintel.core.guide.Ask;
import grintel.core.guide.demand.SheetDemands;
import grintel.core.guide.demand.TextDemands;
import grintel.core.paper.Words;
import grintel.core.rule.Examination;
import grintel.core.rule.Measure;
import grintel.core.typeset.LineCount;
import grintel.core.typeset.Millipoints;
import java.util.Objects;

/**
 * From what length on a quotation stands as a block: a count of words, or of lines as it would run in the full width of
 * the text; verse by its own lines.
 */
record QuotationLimit(boolean byWords, int from, int verseFrom) {
    private static final String VERSE_BREAK = "\\s/\\s";

    static QuotationLimit of(Examination exam) {
        Ask ask = exam.ask("text.quotation-long");
        Integer words = ask.find(TextDemands.WORDS);
        int lines = Objects.requireNonNullElse(ask.find(TextDemands.LINES), Integer.MAX_VALUE);
        int verse = Objects.requireNonNullElse(ask.find(TextDemands.VERSE_LINES), Integer.MAX_VALUE);
        return words == null ? new QuotationLimit(false, lines, verse) : new QuotationLimit(true, words, verse);
    }

    /** How long a passage is in what the guide counts. */
    Measure measure(Examination exam, String passage) {
        return new Measure.Count(length(exam, passage), byWords ? "word" : "line");
    }

    boolean reaches(Examination exam, String passage) {
        return length(exam, passage) >= from;
    }

    /** Whether a passage is verse, its lines parted by slashes, with so many of them that it stands as a block. */
    boolean reachesAsVerse(String passage) {
        return verseLines(passage) >= verseFrom;
    }

    /** How many lines of verse slashes part a passage into. */
    int verseLines(String passage) {
        return passage.split(VERSE_BREAK, -1).length;
    }

    private int length(Examination exam, String passage) {
        if (byWords) {
            return Words.count(passage);
        }
        // As it would run on the sheet that is asked for, so that a margin put right does not change it.
        Ask margins = exam.ask("sheet.margins");
        int width = exam.ask("sheet.size").get(SheetDemands.WIDTH).rounded()
                - margins.get(SheetDemands.LEFT).rounded()
                - margins.get(SheetDemands.RIGHT).rounded();
        return LineCount.of(
                passage, exam.bodyType().targetFace(), exam.bodyType().targetSize(), Millipoints.ofTwips(width));
    }

    Measure fewer() {
        return new Measure.Phrase("fewer-than", new Measure.Count(from, byWords ? "word" : "line"));
    }

    /** Whether verse is counted by its own lines. */
    boolean countsVerse() {
        return verseFrom != Integer.MAX_VALUE;
    }

    Measure fewerOfVerse() {
        return new Measure.Phrase("fewer-than", new Measure.Count(verseFrom, "verse-line"));
    }

    Measure atLeast() {
        return new Measure.Phrase("at-least", new Measure.Count(from, byWords ? "word" : "line"));
    }

    Measure atLeastOfVerse() {
        return new Measure.Phrase("at-least", new Measure.Count(verseFrom, "verse-line"));
    }
}
