package grintel.core.typeset;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A box cut in two by the foot of a page. */
record SplitBox(SetBox above, SetBox below) {
    /** Cuts a box so that the part above is at most this high; null where not even a line fits. */
    static @Nullable SplitBox at(SetBox box, int room) {
        List<SetBox.BoxLine> above = new ArrayList<>();
        List<SetBox.BoxLine> below = new ArrayList<>();
        int cut = 0;
        int start = Integer.MAX_VALUE;
        for (SetBox.BoxLine line : box.lines()) {
            if (line.bottom() <= room) {
                above.add(line);
                cut = Math.max(cut, line.bottom());
            } else {
                below.add(line);
                start = Math.min(start, line.top());
            }
        }
        if (above.isEmpty() || below.isEmpty()) {
            return null;
        }
        int moved = start;
        List<SetBox.BoxLine> next =
                below.stream().map(line -> line.movedBy(0, -moved)).toList();
        List<PlacedPicture> picturesAbove = new ArrayList<>();
        List<PlacedPicture> picturesBelow = new ArrayList<>();
        for (PlacedPicture picture : box.pictures()) {
            if (picture.y() < start) {
                picturesAbove.add(picture);
            } else {
                picturesBelow.add(picture.movedBy(0, -moved));
            }
        }
        return new SplitBox(
                new SetBox(above, picturesAbove, box.calls(), cut),
                new SetBox(next, picturesBelow, List.of(), Math.max(1, box.height() - moved)));
    }
}
