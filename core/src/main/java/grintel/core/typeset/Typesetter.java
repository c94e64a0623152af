package grintel.core.typeset;

import grintel.core.limit.TooLargeException;
import grintel.core.limit.WorkLimits;
import grintel.core.paper.Paper;

/** Lays a paper out on pages. */
public final class Typesetter {
    private Typesetter() {}

    /**
     * The proof of a paper.
     *
     * @throws TooLargeException when the paper is beyond the limits
     */
    public static Proof typeset(Paper paper, WorkLimits limits) {
        return new PageBuilder(paper, FaceCatalogue.shipped(), limits).build();
    }
}
