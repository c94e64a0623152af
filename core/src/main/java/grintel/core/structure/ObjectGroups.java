package grintel.core.structure;

import java.util.ArrayList;
import java.util.List;

/** Ties what belongs to one table or one figure: number, title, grid or picture, notes. */
final class ObjectGroups {
    private final List<Part> out = new ArrayList<>();
    private final List<Part> open = new ArrayList<>();
    private final Manuscript manuscript;
    private boolean numbered;
    private boolean filled;
    private int gridEnd = -1;

    private ObjectGroups(Manuscript manuscript) {
        this.manuscript = manuscript;
    }

    /** The parts in order, with those of a table or a figure made one. */
    static List<Part> tie(List<Part> leaves, Manuscript manuscript) {
        ObjectGroups groups = new ObjectGroups(manuscript);
        for (Part leaf : leaves) {
            if (leaf.kind().isOfObject()) {
                groups.add(leaf);
            } else {
                groups.close();
                groups.out.add(leaf);
            }
        }
        groups.close();
        return groups.out;
    }

    private void add(Part leaf) {
        boolean object = leaf.kind() == PartKind.GRID || leaf.kind() == PartKind.PICTURE;
        boolean begins = leaf.kind() == PartKind.CAPTION_NUMBER && (numbered || filled && endsGroup())
                || object && filled && !goesOn(leaf);
        if (begins) {
            close();
        }
        numbered |= leaf.kind() == PartKind.CAPTION_NUMBER;
        if (object) {
            filled = true;
            gridEnd = leaf.kind() == PartKind.GRID ? endOfGrid(leaf.first()) : -1;
        }
        open.add(leaf);
    }

    /** Cells of the same table, lines set in columns one under the other, pictures of one figure. */
    private boolean goesOn(Part leaf) {
        PartKind last = open.get(open.size() - 1).kind();
        boolean next = last == leaf.kind() && open.get(open.size() - 1).last() == leaf.first() - 1;
        return leaf.kind() == PartKind.GRID
                ? leaf.first() <= gridEnd
                        || next && !manuscript.isInGrid(leaf.first()) && !manuscript.isInGrid(leaf.first() - 1)
                : next;
    }

    /** Whether what is open ends with a note, after which no number can belong to it. */
    private boolean endsGroup() {
        return open.get(open.size() - 1).kind() == PartKind.CAPTION_NOTE;
    }

    private int endOfGrid(int paragraph) {
        for (Manuscript.Grid grid : manuscript.grids()) {
            if (grid.first() <= paragraph && paragraph <= grid.last()) {
                return grid.last();
            }
        }
        return paragraph;
    }

    private void close() {
        if (!open.isEmpty()) {
            out.add(Part.of(isFigure() ? PartKind.FIGURE : PartKind.TABLE, 0, open));
        }
        open.clear();
        numbered = false;
        filled = false;
        gridEnd = -1;
    }

    /** By what it holds, else by what its number says; a table that only holds pictures in place is none. */
    private boolean isFigure() {
        for (Part part : open) {
            if (part.kind() == PartKind.GRID) {
                return open.stream().anyMatch(each -> isGridOfPictures(each)) && saysFigure();
            }
            if (part.kind() == PartKind.PICTURE) {
                String first = manuscript.get(open.get(0).first()).text();
                return !first.regionMatches(true, 0, "table", 0, 5);
            }
        }
        return !manuscript.get(open.get(0).first()).text().regionMatches(true, 0, "tab", 0, 3);
    }

    private boolean isGridOfPictures(Part part) {
        return part.kind() == PartKind.GRID && manuscript.isPicture(part.first());
    }

    private boolean saysFigure() {
        return open.stream()
                .filter(part -> part.kind() == PartKind.CAPTION_NUMBER)
                .anyMatch(part -> manuscript.get(part.first()).text().regionMatches(true, 0, "fig", 0, 3));
    }
}
