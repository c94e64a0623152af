package grintel.core.structure;

import java.util.regex.Pattern;

/** Tells headings on lines of their own: by their style in the file, else by how they are set and where they stand. */
final class HeadingRecogniser implements Recogniser {
    static final int LONGEST = 16;
    private static final int LONGEST_BOLD = 24;
    private static final Pattern NUMBERED =
            Pattern.compile("(\\d{1,2}(\\.\\d{1,2}){0,3}\\.?|[IVX]{1,5}\\.|[A-Z]\\.)\\s+\\p{L}.*");
    /** A line of a table of contents. */
    private static final Pattern CONTENTS = Pattern.compile(".*(?:\\t|\\.{3,}|…+)\\s*\\d{1,4}");

    private static final int NO_INDENT = 144;

    @Override
    public void claim(Manuscript manuscript, Zones zones, Claims claims) {
        for (int i = 0; i < manuscript.size(); i++) {
            Line line = manuscript.get(i);
            boolean place = zones.zone(i).isText() || zones.zone(i) == Zone.SOURCES;
            if (!place || manuscript.isInGrid(i) || line.text().isEmpty()) {
                continue;
            }
            if (line.styleLevel() > 0 && line.words() <= 2 * LONGEST) {
                claims.add(i, PartKind.HEADING, 0.94, "its style is that of a heading");
            } else if (mayBe(manuscript, zones, i, line)) {
                claimByLook(manuscript, claims, i, line);
            }
            claimAppendixTitle(manuscript, claims, i, line);
        }
    }

    /** Short, and with something under it. */
    private static boolean mayBe(Manuscript manuscript, Zones zones, int index, Line line) {
        int next = manuscript.next(index);
        return line.words() > 0
                && line.words() <= (line.isBold() ? LONGEST_BOLD : LONGEST)
                && line.lines() <= 2
                && line.text().indexOf('=') < 0
                && !CONTENTS.matcher(line.text()).matches()
                && !line.endsLikeSentence()
                && next < manuscript.size()
                && zones.areTogether(index, next);
    }

    private static void claimByLook(Manuscript manuscript, Claims claims, int index, Line line) {
        if (line.isBold()) {
            claims.add(index, PartKind.HEADING, 0.75, "it is short and bold, and text stands under it");
        } else if (line.isItalic() || line.isUnderlined() || line.centred() || line.isInCapitals()) {
            claims.add(index, PartKind.HEADING, 0.6, "it is short and set apart, and text stands under it");
        } else if (NUMBERED.matcher(line.text()).matches() && line.paragraph().label() == null) {
            claims.add(index, PartKind.HEADING, 0.55, "it is short and numbered, and text stands under it");
        }
        boolean plain = line.paragraph().firstLineIndent() < NO_INDENT && manuscript.usualFirstLine() >= NO_INDENT;
        if (plain
                && !TextRecogniser.isSetIn(manuscript, line)
                && !line.endsLikeProse()
                && manuscript.get(manuscript.next(index)).isProse()) {
            claims.add(index, PartKind.HEADING, 0.45, "it is short and stands at the margin, as paragraphs do not");
        }
    }

    private static void claimAppendixTitle(Manuscript manuscript, Claims claims, int index, Line line) {
        int before = manuscript.previous(index);
        boolean afterLabel = before >= 0 && claims.is(before, PartKind.APPENDIX_LABEL);
        if (afterLabel && line.words() <= LONGEST && (line.centred() || line.isBold()) && !line.endsLikeSentence()) {
            claims.add(index, PartKind.APPENDIX_TITLE, 0.97, "it stands under the label of an appendix");
        }
    }
}
