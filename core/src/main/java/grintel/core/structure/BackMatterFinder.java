package grintel.core.structure;

import java.util.regex.Pattern;

/** Finds the labels with which lists of sources, pages of notes and appendices begin. */
final class BackMatterFinder {
    private static final int LONGEST_LABEL = 2;
    private static final int MOST_LABEL_WORDS = 6;
    private static final int FEWEST_ENTRIES = 2;
    /** How a source is filed: a surname and what is given of the other name, or a dash for the same author. */
    private static final Pattern FILED = Pattern.compile(
            "(?:\\p{Lu}[\\p{L}’'-]+(?: \\p{Lu}[\\p{L}’'-]+)?, \\p{Lu}[\\p{L}.’'-]*[ .,&(]|[—–-]{1,3}[.,] ).*",
            Pattern.DOTALL);

    private static final Pattern OPENS_WITH_NUMBER = Pattern.compile("\\[?\\d{1,3}[.)\\]]?\\s.*", Pattern.DOTALL);
    private static final Pattern PUBLISHED =
            Pattern.compile(".*(?:\\b(?:1[5-9]|20)\\d\\d[a-z]?\\b|\\bn\\.d\\.|https?://).*", Pattern.DOTALL);

    private final Manuscript manuscript;
    private final Claims claims;

    BackMatterFinder(Manuscript manuscript, Claims claims) {
        this.manuscript = manuscript;
        this.claims = claims;
    }

    /**
     * Claims the labels from a paragraph on.
     *
     * @return index of the first entry of a list of sources that has no label; -1 where there is no such list
     */
    int find(int from) {
        int sources = lastSourcesLabel(from);
        int unlabelled = -1;
        if (sources < 0) {
            int entry = firstOfUnnamed(from);
            int above = entry < 0 ? -1 : manuscript.previous(entry);
            if (entry >= 0 && above >= from && mayBeLabel(above)) {
                claims.add(above, PartKind.SOURCES_LABEL, 0.9, "it stands over lines that read as entries do");
            } else if (entry >= 0) {
                unlabelled = entry;
            }
        }
        for (int i = from; i < manuscript.size(); i++) {
            String text = manuscript.get(i).text();
            if (manuscript.isInGrid(i) || text.isEmpty()) {
                continue;
            }
            if (i == sources) {
                claims.add(i, PartKind.SOURCES_LABEL, 0.97, "it is the last line that names a list of sources");
            } else if (Labels.isNotes(text) && manuscript.standsApart(i) && notesFollow(i)) {
                claims.add(i, PartKind.NOTES_LABEL, 0.96, "it names a page of notes and stands apart");
            } else if (isAppendixLabel(i)) {
                claims.add(i, PartKind.APPENDIX_LABEL, 0.96, "it names an appendix and stands apart");
            }
        }
        return unlabelled;
    }

    /** The first of several paragraphs that read as entries do and end the text; -1 for none. */
    private int firstOfUnnamed(int from) {
        int end = manuscript.size();
        for (int i = from; i < manuscript.size(); i++) {
            if (isAppendixLabel(i)) {
                end = i;
                break;
            }
        }
        int first = -1;
        int entries = 0;
        for (int i = manuscript.previous(end); i >= from && readsAsEntry(i); i = manuscript.previous(i)) {
            first = i;
            entries++;
        }
        return entries >= FEWEST_ENTRIES ? first : -1;
    }

    private boolean readsAsEntry(int index) {
        String text = manuscript.get(index).text();
        return !manuscript.isInGrid(index)
                && FILED.matcher(text).matches()
                && PUBLISHED.matcher(text).matches();
    }

    private boolean mayBeLabel(int index) {
        Line line = manuscript.get(index);
        return !manuscript.isInGrid(index)
                && line.words() > 0
                && line.words() <= MOST_LABEL_WORDS
                && !line.endsLikeSentence()
                && manuscript.standsApart(index);
    }

    private int lastSourcesLabel(int from) {
        for (int i = manuscript.size() - 1; i >= from; i--) {
            if (!manuscript.isInGrid(i) && Labels.isSources(manuscript.get(i).text()) && hasMore(i)) {
                return i;
            }
        }
        return -1;
    }

    private boolean hasMore(int index) {
        return manuscript.next(index) < manuscript.size();
    }

    /** Whether what comes under a line are notes: they open with numbers, or have a page of their own. */
    private boolean notesFollow(int index) {
        int next = manuscript.next(index);
        return next < manuscript.size()
                && (manuscript.startsPage(index)
                        || manuscript.get(next).opensWithRaisedNumber()
                        || OPENS_WITH_NUMBER
                                .matcher(manuscript.get(next).text())
                                .matches());
    }

    private boolean isAppendixLabel(int index) {
        Line line = manuscript.get(index);
        return Labels.isAppendix(line.text()) && line.lines() <= LONGEST_LABEL && manuscript.standsApart(index);
    }
}
