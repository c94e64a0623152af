package grintel.core.structure;

import java.util.regex.Pattern;

/** Tells paragraphs of text, block quotations, verse and items of lists, in the body and in appendices. */
final class TextRecogniser implements Recogniser {
    private static final String REVERSED = "(R)";
    private static final int SET_IN = 430;
    private static final int FEWEST_QUOTED_WORDS = 8;
    private static final int FEWEST_WORDS = 12;
    private static final int LONGEST_CITATION = 10;
    /** Characters: a pattern that looks twice for what a line holds is not asked of one that never ends. */
    private static final int MOST_OF_CITATION = 200;

    private static final Pattern CITATION = Pattern.compile("[(\\[].*\\d.*[)\\]]\\.?|[—–-]\\s?\\p{Lu}.*");

    @Override
    public void claim(Manuscript manuscript, Zones zones, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            Line line = manuscript.get(i);
            if (manuscript.isInGrid(i)
                    || line.text().isEmpty()
                    || !zones.zone(i).isText()) {
                continue;
            }
            claimList(manuscript, claims, i, line);
            claimQuotation(manuscript, claims, i, line);
            claimVerse(manuscript, zones, claims, i);
            claimCitationLine(manuscript, claims, i, line);
            claimNote(claims, i, line);
            claimProse(claims, i, line);
        }
    }

    private static void claimList(Manuscript manuscript, Claims claims, int index, Line line) {
        if (line.paragraph().label() != null) {
            if (line.styleLevel() == 0) {
                claims.add(index, PartKind.LIST_ITEM, 0.92, "its program counts it in a list");
            }
        } else if (Labels.isBulleted(line.text())) {
            claims.add(index, PartKind.LIST_ITEM, 0.9, "it opens with a bullet");
        } else if (Labels.isNumbered(line.text())) {
            boolean among = isNumbered(manuscript, manuscript.next(index))
                    || isNumbered(manuscript, manuscript.previous(index));
            boolean hangs = line.paragraph().firstLineIndent() < 0;
            claims.add(
                    index,
                    PartKind.LIST_ITEM,
                    among || hangs ? 0.9 : 0.5,
                    hangs ? "it hangs from a number" : "it opens with a number");
        }
        if (line.text().endsWith(REVERSED)) {
            claims.add(index, PartKind.LIST_ITEM, 0.9, "it is marked as an item scored in reverse");
        }
    }

    private static boolean isNumbered(Manuscript manuscript, int index) {
        return index >= 0
                && index < manuscript.size()
                && Labels.isNumbered(manuscript.get(index).text());
    }

    /** Set in from where the text stands as a whole, not by its first line only. */
    private static void claimQuotation(Manuscript manuscript, Claims claims, int index, Line line) {
        if (isSetIn(manuscript, line) && !line.centred() && line.words() >= FEWEST_QUOTED_WORDS) {
            claims.add(index, PartKind.BLOCK_QUOTATION, 0.91, "all its lines are set in");
        } else if (line.isSetInBySpaces()) {
            claims.add(index, PartKind.BLOCK_QUOTATION, 0.88, "all its lines are set in by spaces");
        }
    }

    /** Whether a paragraph stands further in than the text, and does not hang. */
    static boolean isSetIn(Manuscript manuscript, Line line) {
        return line.leftIndent() - manuscript.usualIndent() >= SET_IN
                && line.paragraph().firstLineIndent() > -SET_IN / 2;
    }

    /** Several short lines in a row, centred or set in, that are set as the text is. */
    private static void claimVerse(Manuscript manuscript, Zones zones, Claims claims, int index) {
        if (isVerseLine(manuscript, index)
                && (isVerseLine(manuscript, zones, index, manuscript.next(index))
                        || isVerseLine(manuscript, zones, index, manuscript.previous(index)))) {
            boolean centred = manuscript.get(index).centred();
            claims.add(
                    index,
                    PartKind.BLOCK_QUOTATION,
                    0.85,
                    centred ? "it is one of several centred lines" : "it is one of several short lines set in");
        }
    }

    /** A citation on a line of its own belongs to the quotation above it. */
    private static void claimCitationLine(Manuscript manuscript, Claims claims, int index, Line line) {
        int above = manuscript.previous(index);
        if (above >= 0
                && line.words() <= LONGEST_CITATION
                && line.text().length() <= MOST_OF_CITATION
                && CITATION.matcher(line.text()).matches()
                && claims.is(above, PartKind.BLOCK_QUOTATION)) {
            claims.add(index, PartKind.BLOCK_QUOTATION, 0.93, "it cites what is quoted above it");
        }
    }

    private static boolean isVerseLine(Manuscript manuscript, Zones zones, int index, int other) {
        return other >= 0
                && other < manuscript.size()
                && zones.areTogether(index, other)
                && manuscript.get(index).centred() == manuscript.get(other).centred()
                && isVerseLine(manuscript, other);
    }

    private static boolean isVerseLine(Manuscript manuscript, int index) {
        Line line = manuscript.get(index);
        return (line.centred() || isSetIn(manuscript, line))
                && !line.isBold()
                && line.styleLevel() == 0
                && line.words() > 0
                && line.lines() <= 2
                && !manuscript.isInGrid(index);
    }

    private static void claimNote(Claims claims, int index, Line line) {
        if (line.opensWithRaisedNumber()) {
            claims.add(index, PartKind.NOTE, 0.93, "it opens with a raised number, as a typed note does");
        }
    }

    private static void claimProse(Claims claims, int index, Line line) {
        if (line.isProse()) {
            claims.add(index, PartKind.PARAGRAPH, 0.6, "it runs over lines as prose does");
        }
        if (line.endsLikeProse() && line.words() >= 2 && !line.centred()) {
            claims.add(index, PartKind.PARAGRAPH, 0.5, "it ends as a sentence does");
        } else if (line.words() >= FEWEST_WORDS && !line.centred()) {
            claims.add(index, PartKind.PARAGRAPH, 0.45, "it has the words of a sentence");
        }
        if (line.centred() && line.lines() >= 2 && line.words() >= 20) {
            claims.add(index, PartKind.PARAGRAPH, 0.6, "it runs over lines, centred as it is");
        }
    }
}
