package grintel.core.check;

import grintel.core.edit.Edit;
import grintel.core.paper.Paper;
import java.util.List;

/** A file that edits can be made to. */
public interface Mendable {
    /** The paper the file holds. */
    Paper paper();

    /**
     * The file with edits made in several goes, each to what the one before left; this one stays as it is.
     *
     * @param passes the edits of each go, none of which clash
     */
    Mendable with(List<List<Edit>> passes);
}
