package grintel.core.made;

import grintel.core.compose.SinglePage;
import grintel.core.guide.Guide;
import grintel.core.paper.Paper;

/** A made table or figure by itself on a page in the type and between the margins the guide asks for. */
public final class ObjectPage {
    private ObjectPage() {}

    /** The page, the number being this. */
    public static Paper of(MadeObject made, Guide guide, int number) {
        return SinglePage.of(guide, made.blocks(Integer.toString(number), SinglePage.MEASURE, "Normal"));
    }
}
