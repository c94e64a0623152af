package grintel.core.structure;

/** Finds the labels with which lists of sources, pages of notes and appendices begin. */
final class BackMatterFinder {
    private static final int LONGEST_LABEL = 2;

    private final Manuscript manuscript;
    private final Claims claims;

    BackMatterFinder(Manuscript manuscript, Claims claims) {
        this.manuscript = manuscript;
        this.claims = claims;
    }

    /** Claims the labels from a paragraph on. */
    void find(int from) {
        int sources = lastSourcesLabel(from);
        for (int i = from; i < manuscript.size(); i++) {
            String text = manuscript.get(i).text();
            if (manuscript.isInGrid(i) || text.isEmpty()) {
                continue;
            }
            if (i == sources) {
                claims.add(i, PartKind.SOURCES_LABEL, 0.97, "it is the last line that names a list of sources");
            } else if (Labels.isNotes(text) && manuscript.standsApart(i) && hasMore(i)) {
                claims.add(i, PartKind.NOTES_LABEL, 0.96, "it names a page of notes and stands apart");
            } else if (isAppendixLabel(i)) {
                claims.add(i, PartKind.APPENDIX_LABEL, 0.96, "it names an appendix and stands apart");
            }
        }
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

    private boolean isAppendixLabel(int index) {
        Line line = manuscript.get(index);
        return Labels.isAppendix(line.text()) && line.lines() <= LONGEST_LABEL && manuscript.standsApart(index);
    }
}
