package grintel.core.structure;

import grintel.core.paper.CharacterProperties;
import grintel.core.paper.CharacterProperties.VerticalPosition;
import grintel.core.paper.Inline;
import java.util.regex.Pattern;

/**
 * Tells the number, the title and the notes of tables and figures: by what they say, and by standing beside a table or a
 * picture, wherever in the paper that is.
 */
final class ObjectRecogniser implements Recogniser {
    private static final int REACH_ABOVE = 3;
    private static final int REACH_BELOW = 2;
    private static final Pattern RAISED_LETTER = Pattern.compile("[a-z]");
    private static final int LONGEST_TITLE = 30;
    private static final int MOST_NOTES = 6;
    private static final Pattern COLUMNS = Pattern.compile("\\S[^\\t\\n]{0,200}?(?:\\t|\\s{3,})\\s*\\S[^\\n]*");

    @Override
    public void claim(Manuscript manuscript, Zones zones, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            String text = manuscript.get(i).text();
            if (manuscript.isInGrid(i) || text.isEmpty() || !Labels.isCaption(text) || isSentence(manuscript.get(i))) {
                continue;
            }
            boolean near = isAbove(manuscript, i) || isBelow(manuscript, i);
            if (Labels.isCaptionNumber(text)) {
                claims.add(i, PartKind.CAPTION_NUMBER, near ? 0.99 : 0.9, "it is the number of a table or a figure");
                claimTitle(manuscript, claims, i);
            } else if (near) {
                claims.add(
                        i, PartKind.CAPTION_NUMBER, 0.99, "it opens with a number and stands by a table or a picture");
            } else if (Labels.isParted(text) && !manuscript.get(i).isProse()) {
                claims.add(i, PartKind.CAPTION_NUMBER, 0.85, "it opens with a number that a mark parts from its words");
            }
        }
        claimColumns(manuscript, claims);
        claimNotes(manuscript, claims);
    }

    /** Lines under the number of a table whose columns tabs or runs of spaces hold in place, two of them at least. */
    private static void claimColumns(Manuscript manuscript, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            if (!claims.is(i, PartKind.CAPTION_NUMBER)
                    || !manuscript.get(i).text().regionMatches(true, 0, "tab", 0, 3)) {
                continue;
            }
            int at = manuscript.next(i);
            at = at < manuscript.size() && claims.is(at, PartKind.CAPTION_TITLE) ? manuscript.next(at) : at;
            int end = at;
            while (end < manuscript.size()
                    && COLUMNS.matcher(manuscript.get(end).text()).matches()
                    && !isObject(manuscript, end)) {
                end++;
            }
            for (int line = at; end - at > 1 && line < end; line++) {
                claims.add(
                        line,
                        PartKind.GRID,
                        0.97,
                        "tabs or spaces hold its columns in place, and it stands under the number of a table");
            }
        }
    }

    /** Whether a line only speaks of a table or a figure: no mark after the number, and it goes on as a sentence does. */
    private static boolean isSentence(Line line) {
        return !Labels.isParted(line.text())
                && (line.isProse() || Labels.isFollowedBySmallLetter(line.text()) && line.endsLikeSentence());
    }

    /** The title on the line after a number that stands alone. */
    private static void claimTitle(Manuscript manuscript, Claims claims, int number) {
        int next = manuscript.next(number);
        if (next < manuscript.size()
                && !manuscript.isInGrid(next)
                && !manuscript.isPicture(next)
                && !Labels.isCaptionNumber(manuscript.get(next).text())
                && manuscript.get(next).words() <= LONGEST_TITLE
                && !Labels.isCaptionNote(manuscript.get(next).text())) {
            claims.add(next, PartKind.CAPTION_TITLE, 0.95, "it stands under the number of a table or a figure");
        }
    }

    private static void claimNotes(Manuscript manuscript, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            boolean ends = isFilled(manuscript, claims, i)
                    && (i + 1 == manuscript.size() || !isFilled(manuscript, claims, i + 1));
            int at = ends ? manuscript.next(i) : manuscript.size();
            if (at < manuscript.size() && claims.is(at, PartKind.CAPTION_NUMBER)) {
                at = manuscript.next(at);
                at = at < manuscript.size() && claims.is(at, PartKind.CAPTION_TITLE) ? manuscript.next(at) : at;
            }
            for (int n = 0; n < MOST_NOTES && at < manuscript.size() && isNote(manuscript, at); n++) {
                claims.add(at, PartKind.CAPTION_NOTE, 0.99, "it reads as a note and stands under a table or a picture");
                at = manuscript.next(at);
            }
        }
    }

    private static boolean isNote(Manuscript manuscript, int index) {
        return !isObject(manuscript, index)
                && (Labels.isCaptionNote(manuscript.get(index).text()) || opensWithRaisedLetter(manuscript.get(index)));
    }

    /** Whether a line is about what a raised letter in a cell calls. */
    private static boolean opensWithRaisedLetter(Line line) {
        for (Inline.Text run : line.paragraph().texts()) {
            if (!run.text().isBlank()) {
                return RAISED_LETTER.matcher(run.text().strip()).matches()
                        && run.format().get(CharacterProperties.VERTICAL_POSITION) == VerticalPosition.SUPERSCRIPT;
            }
        }
        return false;
    }

    private static boolean isFilled(Manuscript manuscript, Claims claims, int index) {
        return isObject(manuscript, index) || claims.is(index, PartKind.GRID);
    }

    static boolean isObject(Manuscript manuscript, int index) {
        return manuscript.isInGrid(index) || manuscript.isPicture(index);
    }

    /** Whether a table or a picture comes soon after a line. */
    private static boolean isAbove(Manuscript manuscript, int index) {
        int at = index;
        for (int n = 0; n < REACH_ABOVE; n++) {
            at = manuscript.next(at);
            if (at >= manuscript.size() || manuscript.get(at).isProse() && !isObject(manuscript, at)) {
                return false;
            }
            if (isObject(manuscript, at)) {
                return true;
            }
        }
        return false;
    }

    /** Whether a table or a picture stands right before a line. */
    private static boolean isBelow(Manuscript manuscript, int index) {
        int at = index;
        for (int n = 0; n < REACH_BELOW; n++) {
            at = manuscript.previous(at);
            if (at < 0 || manuscript.get(at).isProse() && !isObject(manuscript, at)) {
                return false;
            }
            if (isObject(manuscript, at)) {
                return true;
            }
        }
        return false;
    }
}
