package grintel.core.check;

import grintel.core.edit.Edit;
import grintel.core.edit.PaperEditor;
import grintel.core.paper.Paper;
import java.util.List;

/** A paper that no file holds. */
public record PaperFile(Paper paper) implements Mendable {
    @Override
    public PaperFile with(List<List<Edit>> passes) {
        Paper at = paper;
        for (List<Edit> edits : passes) {
            at = PaperEditor.apply(at, edits);
        }
        return new PaperFile(at);
    }
}
