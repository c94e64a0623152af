package grintel.core.structure;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Words;
import grintel.core.typeset.Millipoints;
import grintel.core.typeset.Proof;
import grintel.core.typeset.ProofLine;
import java.util.List;
import java.util.function.Predicate;

/**
 * How a paragraph looks on the page, as far as that tells what it is.
 *
 * @param text its words without white space at either end
 * @param page number of the page it starts on, 0 for none
 * @param lines how many lines it takes
 */
record Look(Paragraph paragraph, String text, int words, int page, int lines, boolean centred) {
    private static final int CENTRED_WITHIN = Millipoints.PER_INCH * 15 / 100;
    private static final int AWAY_FROM_MARGIN = Millipoints.PER_INCH * 7 / 10;

    static Look of(Paragraph paragraph, Proof proof) {
        List<Proof.Placed> placed = proof.lines(paragraph.address());
        String text = paragraph.text().replace(Paragraph.OBJECT, ' ').strip();
        return new Look(
                paragraph,
                text,
                Words.count(text),
                placed.isEmpty() ? 0 : placed.get(0).page().number(),
                placed.size(),
                isCentred(paragraph, placed));
    }

    /** Centred by its alignment, or pushed to the middle of the line by tabs, spaces or an indent. */
    private static boolean isCentred(Paragraph paragraph, List<Proof.Placed> placed) {
        if (paragraph.format().get(ParagraphProperties.ALIGNMENT) == ParagraphProperties.Alignment.CENTRE) {
            return true;
        }
        if (placed.size() != 1) {
            return false;
        }
        ProofLine line = placed.get(0).line();
        int left = line.x() - line.columnLeft();
        int right = line.columnRight() - line.right();
        return left > AWAY_FROM_MARGIN && Math.abs(left - right) < CENTRED_WITHIN;
    }

    boolean isBlank() {
        return paragraph.isBlank();
    }

    /** Whether it runs over lines as prose does. */
    boolean isProse() {
        return !centred && (lines >= 2 && words >= 20 || words >= 25);
    }

    boolean isBold() {
        return every(text -> text.format().get(CharacterProperties.BOLD));
    }

    boolean isItalic() {
        return every(text -> text.format().get(CharacterProperties.ITALIC));
    }

    boolean isUnderlined() {
        return every(text -> !text.format().get(CharacterProperties.UNDERLINE).equals("none"));
    }

    /** Whether all visible characters are so. */
    private boolean every(Predicate<Inline.Text> test) {
        boolean any = false;
        for (Inline.Text run : paragraph.texts()) {
            if (!run.text().isBlank()) {
                if (!test.test(run)) {
                    return false;
                }
                any = true;
            }
        }
        return any;
    }

    /** Whether it ends as a sentence does. */
    boolean endsLikeSentence() {
        if (text.isEmpty()) {
            return false;
        }
        char last = text.charAt(text.length() - 1);
        return last == '.' || last == ';' || last == ',' || last == '!';
    }

    boolean holdsPicture() {
        return paragraph.inlines().stream().anyMatch(Inline.Picture.class::isInstance);
    }
}
