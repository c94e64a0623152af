package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Makes two paragraphs of one, and one of two. */
final class ParagraphSplitter {
    private ParagraphSplitter() {}

    /**
     * Parts a paragraph and gives the second.
     *
     * @param start the element with which the second begins; null for an empty one
     */
    static XmlElement split(XmlElement paragraph, @Nullable XmlElement start) {
        XmlElement rest = paragraph.shell();
        XmlElement format = paragraph.child("pPr");
        if (format != null) {
            XmlElement copy = rest.append(format.copy());
            XmlElement broken = copy.child("pageBreakBefore");
            if (broken != null) {
                broken.remove();
            }
            PropertyHolder.dropIfEmpty(copy);
            XmlElement section = format.child("sectPr");
            if (section != null) {
                section.remove();
            }
            XmlElement mark = format.child("rPr");
            if (mark != null) {
                for (String tracked : List.of("ins", "del", "moveFrom", "moveTo")) {
                    mark.children(tracked).forEach(XmlElement::remove);
                }
                PropertyHolder.dropIfEmpty(mark);
            }
        }
        if (start != null) {
            moveFrom(start, paragraph, rest);
        }
        paragraph.holder().insertAfter(rest, paragraph);
        if (format != null) {
            PropertyHolder.dropIfEmpty(format);
        }
        return rest;
    }

    /** Moves an element and all after it, up to the paragraph's end, wrappers parted on the way. */
    private static void moveFrom(XmlElement start, XmlElement paragraph, XmlElement rest) {
        XmlElement parent = start.holder();
        if (XmlElement.isSame(parent, paragraph)) {
            moveRest(start, parent, rest);
            return;
        }
        if (parent.is(Ns.W, "sdtContent")) {
            throw new EditRefusedException("A content control cannot be parted.");
        }
        XmlElement wrapper = parent.shell();
        moveRest(start, parent, wrapper);
        parent.holder().insertAfter(wrapper, parent);
        moveFrom(wrapper, paragraph, rest);
    }

    private static void moveRest(XmlElement start, XmlElement from, XmlElement to) {
        boolean moving = false;
        for (XmlElement child : from.elements()) {
            moving |= XmlElement.isSame(child, start);
            if (moving) {
                child.remove();
                to.append(child);
            }
        }
    }

    /**
     * Makes one paragraph of two.
     *
     * @param between white space that parts them, or nothing
     * @param format properties of its run
     */
    static void join(XmlElement first, XmlElement next, String between, @Nullable XmlElement format) {
        if (!between.isEmpty()) {
            XmlElement run = first.append(RunWriter.run(first, format));
            RunWriter.setText(run.append(XmlElement.like(first, "t")), between);
        }
        XmlElement properties = next.child("pPr");
        for (XmlElement child : next.elements()) {
            if (!XmlElement.isSame(child, properties)) {
                child.remove();
                first.append(child);
            }
        }
        XmlElement section = Structure.sectionEnd(next);
        if (section != null) {
            section.remove();
            PropertyHolder.of(first, "pPr").insertInOrder(section, SchemaOrder.PARAGRAPH);
        }
        takeRevision(first, properties);
        next.remove();
    }

    /** The joined paragraph's mark is the second one's, and with it what tracked changes did to it. */
    private static void takeRevision(XmlElement first, @Nullable XmlElement properties) {
        XmlElement own = first.child("pPr");
        XmlElement mark = own == null ? null : own.child("rPr");
        for (String tracked : List.of("ins", "del")) {
            if (mark != null) {
                mark.children(tracked).forEach(XmlElement::remove);
            }
            XmlElement source = properties == null ? null : properties.child("rPr");
            XmlElement change = source == null ? null : source.child(tracked);
            if (change != null) {
                change.remove();
                XmlElement holder = PropertyHolder.of(first, "pPr");
                XmlElement inner = holder.child("rPr");
                if (inner == null) {
                    inner = holder.insertInOrder(XmlElement.like(holder, "rPr"), SchemaOrder.PARAGRAPH);
                }
                inner.prepend(change);
                mark = inner;
            }
        }
        if (mark != null && mark.isEmpty()) {
            mark.remove();
        }
    }
}
