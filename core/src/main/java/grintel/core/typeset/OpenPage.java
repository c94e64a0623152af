package grintel.core.typeset;

import grintel.core.paper.Marginals;
import grintel.core.paper.Section;
import java.util.ArrayList;
import java.util.List;

/** A page while it is filled: its lines so far, how far down each column it is full, and its notes. */
final class OpenPage {
    /** Line and gap between text and notes, in millipoints. */
    static final int NOTE_SEPARATOR = 14 * Millipoints.PER_POINT;

    final int number;
    final int printed;
    final Section section;
    final Marginals.Variant variant;
    final List<ProofLine> text = new ArrayList<>();
    final List<ProofLine> boxes = new ArrayList<>();
    final List<PlacedPicture> pictures = new ArrayList<>();
    final List<SetBox.BoxLine> notes = new ArrayList<>();

    PageGeometry geometry;
    int column;
    int columnTop;
    int y;
    int lowest;
    int notesHeight;
    /** Whether the text came here by a break or a section's start, so that space before is kept at the top. */
    boolean reachedByBreak;

    OpenPage(
            int number,
            int printed,
            Section section,
            Marginals.Variant variant,
            PageGeometry geometry,
            boolean byBreak) {
        this.number = number;
        this.printed = printed;
        this.section = section;
        this.variant = variant;
        this.geometry = geometry;
        this.reachedByBreak = byBreak;
        this.columnTop = geometry.frame().top();
        this.y = columnTop;
        this.lowest = columnTop;
    }

    /** The lowest edge text may reach. */
    int bottom() {
        return geometry.frame().bottom() - notesHeight;
    }

    /** Whether nothing stands in the column yet. */
    boolean atTop() {
        return y <= columnTop;
    }

    /** The height of a column that holds nothing else. */
    int fullHeight() {
        return geometry.frame().bottom() - geometry.frame().top();
    }

    void advanceTo(int newY) {
        y = newY;
        lowest = Math.max(lowest, newY);
    }

    /** What further note lines of this height would take, the separator included where they are the first. */
    int costOfNotes(int height) {
        return height == 0 ? 0 : height + (notes.isEmpty() ? NOTE_SEPARATOR : 0);
    }

    void addNote(SetBox.BoxLine line) {
        notesHeight += costOfNotes(line.line().height());
        notes.add(line);
    }

    /** Goes on in the next column, if there is one. */
    boolean nextColumn() {
        if (column + 1 >= geometry.columns()) {
            return false;
        }
        column++;
        y = columnTop;
        return true;
    }

    /** Goes on below all that stands on the page, in columns of another section. */
    void continueWith(PageGeometry next) {
        columnTop = lowest;
        geometry = new PageGeometry(
                geometry.width(),
                geometry.height(),
                new ProofPage.Frame(
                        next.frame().left(),
                        geometry.frame().top(),
                        next.frame().right(),
                        geometry.frame().bottom()),
                geometry.headerTop(),
                geometry.footerBottom(),
                next.columns(),
                next.columnGap());
        column = 0;
        y = columnTop;
    }
}
