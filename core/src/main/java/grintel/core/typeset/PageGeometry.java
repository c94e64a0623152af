package grintel.core.typeset;

import grintel.core.paper.PaperSettings;
import grintel.core.paper.Property;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;

/**
 * The sheet and text area of one page, in millipoints, and its columns.
 *
 * @param frame the text area
 * @param headerTop y of the header's upper edge
 * @param footerBottom y of the footer's lower edge
 */
record PageGeometry(
        int width, int height, ProofPage.Frame frame, int headerTop, int footerBottom, int columns, int columnGap) {
    /** However margins are set, a text area keeps this much of each direction. */
    private static final int SMALLEST = 36 * Millipoints.PER_POINT;

    /**
     * Works out a page.
     *
     * @param headerHeight of the page's header; a header higher than its margin pushes the text down
     * @param evenPage whether the printed number is even, which mirrored margins look at
     */
    static PageGeometry of(
            Section section, PaperSettings settings, int headerHeight, int footerHeight, boolean evenPage) {
        int width = Math.max(2 * SMALLEST, twips(section, SectionProperties.PAGE_WIDTH));
        int height = Math.max(2 * SMALLEST, twips(section, SectionProperties.PAGE_HEIGHT));
        int gutter = twips(section, SectionProperties.GUTTER);
        int left = twips(section, SectionProperties.MARGIN_LEFT);
        int right = twips(section, SectionProperties.MARGIN_RIGHT);
        int top = twips(section, SectionProperties.MARGIN_TOP);
        int bottom = twips(section, SectionProperties.MARGIN_BOTTOM);
        boolean mirrored = settings.mirrorMargins() && evenPage;
        if (mirrored) {
            int outer = left;
            left = right;
            right = outer;
        }
        boolean fixedTop = top < 0;
        boolean fixedBottom = bottom < 0;
        int textTop = Math.abs(top);
        if (settings.gutterAtTop()) {
            textTop += gutter;
        } else if (mirrored) {
            right += gutter;
        } else {
            left += gutter;
        }
        int headerTop = twips(section, SectionProperties.HEADER_DISTANCE);
        int footerDistance = twips(section, SectionProperties.FOOTER_DISTANCE);
        if (!fixedTop && headerHeight > 0) {
            textTop = Math.max(textTop, headerTop + headerHeight);
        }
        int textBottom = height - Math.abs(bottom);
        if (!fixedBottom && footerHeight > 0) {
            textBottom = Math.min(textBottom, height - footerDistance - footerHeight);
        }
        textTop = Math.max(0, Math.min(textTop, height - SMALLEST));
        textBottom = Math.min(height, Math.max(textBottom, textTop + SMALLEST));
        int textLeft = Math.max(0, Math.min(left, width - SMALLEST));
        int textRight = Math.min(width, Math.max(width - right, textLeft + SMALLEST));
        return new PageGeometry(
                width,
                height,
                new ProofPage.Frame(textLeft, textTop, textRight, textBottom),
                headerTop,
                height - footerDistance,
                Math.max(1, Math.min(20, section.get(SectionProperties.COLUMNS))),
                Math.max(0, twips(section, SectionProperties.COLUMN_GAP)));
    }

    int columnWidth() {
        return Math.max(SMALLEST / 2, (frame.width() - (columns - 1) * columnGap) / columns);
    }

    int columnLeft(int column) {
        return frame.left() + column * (columnWidth() + columnGap);
    }

    private static int twips(Section section, Property<Integer> property) {
        return Millipoints.ofTwips(section.get(property));
    }
}
