package grintel.core.rule;

import grintel.core.edit.Edit;
import grintel.core.paper.Paper;
import java.util.List;

/** A file that edits can be made to. */
public interface Mendable {
    /** The paper the file holds. */
    Paper paper();

    /** The file with these edits made; this one stays as it is. */
    Mendable with(List<Edit> edits);
}
