package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.core.paper.Frame;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Writes frames; {@link FrameReader} is its mirror. */
final class FrameWriter {
    private FrameWriter() {}

    static void write(XmlElement container, @Nullable Frame frame) {
        XmlElement old = container.child("framePr");
        if (old != null) {
            Unread.takeAway(old);
        }
        if (frame == null || !frame.isFrame()) {
            return;
        }
        XmlElement element = container.insertInOrder(XmlElement.like(container, "framePr"), SchemaOrder.PARAGRAPH);
        if (frame.dropLines() > 0) {
            element.setAttribute("dropCap", "drop");
            element.setAttribute("lines", Integer.toString(frame.dropLines()));
        }
        length(element, "w", frame.width());
        length(element, "h", frame.height());
        length(element, "hSpace", frame.spaceAcross());
        length(element, "vSpace", frame.spaceDown());
        element.setAttribute("wrap", frame.wraps() ? "around" : "notBeside");
        axis(element, frame.across(), "hAnchor", "xAlign", "x", false);
        axis(element, frame.down(), "vAnchor", "yAlign", "y", true);
    }

    private static void length(XmlElement element, String name, int twips) {
        if (twips != 0) {
            element.setAttribute(name, Integer.toString(twips));
        }
    }

    private static void axis(
            XmlElement element, Frame.Axis axis, String anchor, String align, String offset, boolean down) {
        element.setAttribute(
                anchor,
                switch (axis.from()) {
                    case SHEET -> "page";
                    case MARGINS -> "margin";
                    case TEXT -> "text";
                });
        if (axis.aligned()) {
            element.setAttribute(
                    align,
                    axis.alignment() == Anchor.Alignment.CENTRE
                            ? "center"
                            : axis.alignment() == Anchor.Alignment.END
                                    ? down ? "bottom" : "right"
                                    : down ? "top" : "left");
        } else {
            element.setAttribute(offset, Integer.toString(axis.offset()));
        }
    }
}
