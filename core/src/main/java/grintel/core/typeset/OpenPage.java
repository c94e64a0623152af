package grintel.core.typeset;

import grintel.core.paper.Marginals;
import grintel.core.paper.Section;
import java.util.ArrayList;
import java.util.List;

/** A page while it is filled: its lines so far, how far down each column it is full, and its notes. */
final class OpenPage {
    /** Line and gap between text and notes, in millipoints. */
    static final int NOTE_SEPARATOR = 14 * Millipoints.PER_POINT;

    /** Text does not run through a gap narrower than this beside a picture. */
    private static final int NARROWEST_GAP = Millipoints.PER_INCH;

    final int number;
    final int printed;
    final Section section;
    final Marginals.Variant variant;
    final List<ProofLine> text = new ArrayList<>();
    final List<ProofLine> boxes = new ArrayList<>();
    final List<PlacedPicture> pictures = new ArrayList<>();
    final List<Fill> fills = new ArrayList<>();
    final List<PlacedTable> tables = new ArrayList<>();
    final List<SetBox.BoxLine> notes = new ArrayList<>();
    private final List<Obstacle> obstacles = new ArrayList<>();

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

    /** Whether only space before a paragraph, or nothing, stands in the column. */
    boolean isEmptyColumn() {
        return atTop()
                || text.isEmpty()
                        && column == 0
                        && columnTop == geometry.frame().top();
    }

    /** The height of a column that holds nothing else. */
    int fullHeight() {
        return geometry.frame().bottom() - geometry.frame().top();
    }

    int columnLeft() {
        return geometry.columnLeft(column);
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

    // ---- what the text runs round

    /** From now on, text keeps off this part of the page; millipoints from the sheet's top left. */
    void addObstacle(Obstacle obstacle) {
        obstacles.add(obstacle);
    }

    /** Whether something the text must keep off reaches below where it now stands. */
    boolean isObstructed() {
        return obstacles.stream().anyMatch(each -> each.bottom > y);
    }

    /** Goes on below all that the text must keep off, for what cannot be set beside it. */
    void clearObstacles() {
        boolean moved = true;
        while (moved) {
            moved = false;
            for (Obstacle each : obstacles) {
                if (each.top <= y && each.bottom > y) {
                    advanceTo(each.bottom);
                    moved = true;
                }
            }
        }
    }

    /** Where lines of the current column can stand, from the text's place now on. */
    Room room() {
        int from = y;
        int left = columnLeft();
        int right = left + geometry.columnWidth();
        return (top, height) -> {
            Room.Slot slot = slot(from + top, height, left, right);
            return new Room.Slot(slot.y() - from, slot.left() - left, slot.right() - left);
        };
    }

    private Room.Slot slot(int from, int height, int left, int right) {
        int at = from;
        while (true) {
            int clearLeft = left;
            int clearRight = right;
            int below = at;
            for (Obstacle each : obstacles) {
                boolean beside = each.top < at + height && each.bottom > at && each.left < right && each.right > left;
                if (!beside) {
                    continue;
                }
                below = below == at ? each.bottom : Math.min(below, each.bottom);
                if (each.across) {
                    clearRight = clearLeft;
                } else if (each.left - clearLeft >= clearRight - each.right) {
                    clearRight = Math.min(clearRight, each.left);
                } else {
                    clearLeft = Math.max(clearLeft, each.right);
                }
            }
            if (below == at || clearRight - clearLeft >= Math.min(NARROWEST_GAP, right - left)) {
                return new Room.Slot(at, clearLeft, clearRight);
            }
            at = below;
        }
    }

    /**
     * Part of the page the text keeps off.
     *
     * @param across whether the text does not run beside it either
     */
    record Obstacle(int left, int top, int right, int bottom, boolean across) {}

    // ---- columns

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
