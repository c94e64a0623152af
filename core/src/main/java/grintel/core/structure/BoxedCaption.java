package grintel.core.structure;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Words;
import java.util.ArrayList;
import java.util.List;

/** Tells the caption of a table or a figure that stands in a box of text beside it, as many programs set captions. */
final class BoxedCaption {
    private static final int LONGEST_NUMBERED_LINE = 40;

    private BoxedCaption() {}

    /** Number and title in the boxes tied to a paragraph of the text, as parts whose spans lie in the box; none mostly. */
    static List<Part> of(int index, Paragraph host) {
        List<Part> out = new ArrayList<>();
        for (Inline inline : host.inlines()) {
            if (inline instanceof Inline.TextBox box && out.isEmpty()) {
                read(index, box.paragraphs(), out);
            }
        }
        return out;
    }

    private static void read(int index, List<Paragraph> lines, List<Part> out) {
        boolean titled = true;
        for (Paragraph line : lines) {
            String text = line.text().replace(Paragraph.OBJECT, ' ').strip();
            if (text.isEmpty()) {
                continue;
            }
            if (out.isEmpty() && isCaption(text)) {
                out.add(part(PartKind.CAPTION_NUMBER, index, line));
                titled = !Labels.isCaptionNumber(text);
            } else if (!titled) {
                out.add(part(PartKind.CAPTION_TITLE, index, line));
                titled = true;
            }
        }
    }

    /** Whether a line opens with a number and is no sentence that only speaks of one. */
    private static boolean isCaption(String text) {
        return Labels.isCaption(text)
                && Words.count(text) <= LONGEST_NUMBERED_LINE
                && (Labels.isParted(text) || !Labels.isFollowedBySmallLetter(text));
    }

    private static Part part(PartKind kind, int index, Paragraph line) {
        return new Part(kind, 0, index, index, line.range(), List.of());
    }
}
