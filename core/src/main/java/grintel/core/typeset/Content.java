package grintel.core.typeset;

import grintel.core.paper.Anchor;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphAddress;
import grintel.core.paper.Story;
import java.util.List;
import java.util.Map;

/**
 * A paragraph's characters in the order in which they are set, each with its type and width. Breaks and tabs stand as
 * control characters, pictures as {@link Paragraph#OBJECT}. Good until the reader reads the next.
 *
 * @param length how many characters there are; the arrays may be longer
 * @param text the characters as written
 * @param shown the characters as set, in capitals where the formatting says so
 * @param types the type of each character
 * @param widths advance widths in millipoints, 0 for controls and for the second half of a pair
 * @param boxes pictures by their place in {@code text}
 * @param calls notes called, by the place of their sign
 * @param links hyperlinks in order
 * @param floats what belongs to the paragraph and does not stand in a line
 * @param shares where the characters of each paragraph start when several are read as one; else empty
 * @param empty the type that gives an empty line its height
 */
record Content(
        int length,
        char[] text,
        char[] shown,
        Type[] types,
        double[] widths,
        Map<Integer, Box> boxes,
        Map<Integer, Story> calls,
        List<Link> links,
        List<Floating> floats,
        List<Share> shares,
        Type empty) {
    static final char LINE_BREAK = '\n';
    static final char PAGE_BREAK = '\f';
    static final char COLUMN_BREAK = '\u000B';
    static final char SOFT_HYPHEN = '\u00AD';

    static boolean isForcedBreak(char c) {
        return c == LINE_BREAK || c == PAGE_BREAK || c == COLUMN_BREAK;
    }

    /** Where the hyperlink leads that a character stands in; empty outside hyperlinks. */
    String linkAt(int at) {
        int low = 0;
        int high = links.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            Link link = links.get(middle);
            if (at < link.from) {
                high = middle - 1;
            } else if (at >= link.to) {
                low = middle + 1;
            } else {
                return link.target;
            }
        }
        return "";
    }

    /** A paragraph that others share their lines with, and its first character. */
    record Share(Paragraph paragraph, int from) {}

    /**
     * A picture in the line; millipoints.
     *
     * @param standIn what is said in its place, empty where it is drawn
     */
    record Box(int width, int height, String target, String alternative, String standIn) {
        /** A box of text. */
        static Box ofText(int width, int height) {
            return new Box(width, height, "", "", "");
        }
    }

    /** Characters of a hyperlink, {@code to} not included. */
    record Link(int from, int to, String target) {}

    /**
     * A picture, a box of text or a frame beside the flow; millipoints.
     *
     * @param inside what stands in it, empty for a picture
     * @param framed whether what stands in it belongs to the part of the page where the frame stands
     * @param owner the paragraph it belongs to
     */
    record Floating(Box box, Anchor anchor, List<Stacked> inside, boolean framed, ParagraphAddress owner) {
        /** Whether it stands at its paragraph and the text goes on below it. */
        boolean clearsText() {
            return anchor.wrap() == Anchor.Wrap.ABOVE_AND_BELOW && anchor.down().from() == Anchor.Reference.TEXT;
        }
    }
}
