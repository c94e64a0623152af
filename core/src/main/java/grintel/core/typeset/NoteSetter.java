package grintel.core.typeset;

import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Story;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** Sets footnotes for the width of their page, each once. */
final class NoteSetter {
    private final BoxComposer boxes;
    private final Map<Story, Note> footnotes = new HashMap<>();
    private final Map<Key, SetBox> set = new HashMap<>();

    NoteSetter(BoxComposer boxes, Paper paper) {
        this.boxes = boxes;
        for (Note note : paper.notes()) {
            if (note.story().kind() == Story.Kind.FOOTNOTE) {
                footnotes.put(note.story(), note);
            }
        }
    }

    /** The note a sign calls, set in a column of this width; empty for an endnote or one that is not there. */
    SetBox set(Story story, int width) {
        Note note = footnotes.get(story);
        return note == null
                ? SetBox.EMPTY
                : set.computeIfAbsent(
                        new Key(story, width), key -> boxes.compose(note.blocks(), width, FieldValues.UNCOUNTED));
    }

    /** What the first lines of the notes called must have room for. */
    int heightOfFirstLines(List<Story> calls, int width) {
        int height = 0;
        for (Story call : calls) {
            List<SetBox.BoxLine> lines = set(call, width).lines();
            height += lines.isEmpty() ? 0 : lines.get(0).line().height();
        }
        return height;
    }

    /** What the notes called take when they stand whole. */
    int height(List<Story> calls, int width) {
        int height = 0;
        for (Story call : calls) {
            height += set(call, width).height();
        }
        return height;
    }

    private record Key(Story story, int width) {}
}
