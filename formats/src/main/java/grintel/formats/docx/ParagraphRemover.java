package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Takes paragraphs out; the ends of bookmarks and comments in them go on in a neighbour. */
final class ParagraphRemover {
    private static final Set<String> EDGES =
            Set.of("bookmarkStart", "bookmarkEnd", "commentRangeStart", "commentRangeEnd");

    private ParagraphRemover() {}

    static void remove(XmlElement paragraph, XmlElement story) {
        XmlElement next = neighbour(paragraph, story, 1);
        XmlElement previous = neighbour(paragraph, story, -1);
        if (Structure.endsSection(paragraph) || next == null && previous == null) {
            throw new EditRefusedException("The only paragraph of its kind cannot be taken out.");
        }
        Unread.refuseIn(paragraph);
        List<XmlElement> edges = new ArrayList<>();
        collect(paragraph, edges);
        if (next != null) {
            prepend(next, edges);
        } else {
            edges.forEach(edge -> move(edge, previous));
        }
        XmlElement holder = paragraph.holder();
        paragraph.remove();
        // A content control without content is none.
        boolean emptied = holder.elements().isEmpty() && holder.is(Ns.W, "sdtContent");
        if (emptied && holder.parent() != null) {
            holder.holder().remove();
        }
    }

    private static void collect(XmlElement from, List<XmlElement> out) {
        for (XmlElement child : from.elements()) {
            if (child.namespace().equals(Ns.W) && EDGES.contains(child.name())) {
                out.add(child);
            } else if (child.is(Ns.W, "r") && Search.first(child, Ns.W, "commentReference") != null) {
                out.add(child);
            } else if (!child.is(Ns.W, "pPr") && !child.is(Ns.W, "r")) {
                collect(child, out);
            }
        }
    }

    private static void prepend(XmlElement paragraph, List<XmlElement> edges) {
        XmlElement after = paragraph.child("pPr");
        for (XmlElement edge : edges) {
            edge.remove();
            after = after == null ? paragraph.prepend(edge) : paragraph.insertAfter(edge, after);
        }
    }

    private static void move(XmlElement edge, @Nullable XmlElement to) {
        if (to != null) {
            edge.remove();
            to.append(edge);
        }
    }

    /**
     * The block beside a paragraph among the same blocks, where that is a paragraph of the same section; else null.
     *
     * @param step 1 for the next, -1 for the one before
     */
    static @Nullable XmlElement neighbour(XmlElement paragraph, XmlElement story, int step) {
        XmlElement container = paragraph;
        while (container.parent() != null && !XmlElement.isSame(container, story) && !container.is(Ns.W, "tc")) {
            container = container.holder();
        }
        List<XmlElement> blocks = Structure.blocks(container);
        int at = 0;
        while (at < blocks.size() && !XmlElement.isSame(blocks.get(at), paragraph)) {
            at++;
        }
        int beside = at + step;
        if (beside < 0 || beside >= blocks.size() || !blocks.get(beside).is(Ns.W, "p")) {
            return null;
        }
        XmlElement upper = blocks.get(Math.min(at, beside));
        return Structure.endsSection(upper) ? null : blocks.get(beside);
    }
}
