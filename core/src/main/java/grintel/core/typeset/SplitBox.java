package grintel.core.typeset;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** A box cut in two by the foot of a page. */
record SplitBox(SetBox above, SetBox below) {
    /** Cuts a box so that the part above is at most this high; null where not even a line fits, or all do. */
    static @Nullable SplitBox at(SetBox box, int room) {
        int cut = 0;
        int start = Integer.MAX_VALUE;
        for (SetBox.BoxLine line : box.lines()) {
            if (line.bottom() <= room) {
                cut = Math.max(cut, line.bottom());
            } else {
                start = Math.min(start, line.top());
            }
        }
        if (cut == 0 || start == Integer.MAX_VALUE) {
            return null;
        }
        SetBox.Builder above = new SetBox.Builder();
        SetBox.Builder below = new SetBox.Builder();
        int height = Math.max(1, box.height() - start);
        int moved = start;
        List<SetBox.BoxLine> linesAbove =
                box.lines().stream().filter(line -> line.bottom() <= room).toList();
        List<SetBox.BoxLine> linesBelow = box.lines().stream()
                .filter(line -> line.bottom() > room)
                .map(line -> line.movedBy(0, -moved))
                .toList();
        for (Fill fill : box.fills()) {
            if (fill.bottom() <= cut) {
                above.add(fill);
            } else if (fill.y() >= start) {
                below.add(fill.movedBy(0, -moved));
            } else if (fill.y() < cut && (fill.height() > fill.width() || fill.ground())) {
                above.add(new Fill(fill.x(), fill.y(), fill.width(), cut - fill.y(), fill.colour(), fill.ground()));
                below.add(new Fill(fill.x(), 0, fill.width(), height, fill.colour(), fill.ground()));
            } else {
                below.add(fill.movedBy(0, -moved));
            }
        }
        List<PlacedPicture> picturesAbove =
                box.pictures().stream().filter(picture -> picture.y() < moved).toList();
        List<PlacedPicture> picturesBelow = box.pictures().stream()
                .filter(picture -> picture.y() >= moved)
                .map(picture -> picture.movedBy(0, -moved))
                .toList();
        // Notes are called from the page the row starts on, with all of them.
        return new SplitBox(
                new SetBox(linesAbove, picturesAbove, above.build(0).fills(), box.floats(), box.calls(), cut),
                new SetBox(linesBelow, picturesBelow, below.build(0).fills(), List.of(), List.of(), height));
    }
}
