package grintel.formats.docx;

import grintel.core.edit.Edit;
import grintel.core.edit.EditRefusedException;
import grintel.formats.xml.XmlElement;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Changes the size, the text alternative and the place of pictures. */
final class PictureEditor {
    private static final Set<String> OF_ANCHORS_ONLY = Set.of(
            "simplePos",
            "positionH",
            "positionV",
            "wrapNone",
            "wrapSquare",
            "wrapTight",
            "wrapThrough",
            "wrapTopAndBottom");

    private PictureEditor() {}

    static void change(LiveContent.Found found, Edit.ChangePicture edit) {
        List<Drawings.Part> parts = Drawings.parts(found.drawing());
        if (found.part() >= parts.size() || parts.get(found.part()).box() != null) {
            throw new EditRefusedException("There is no picture at this place.");
        }
        if (parts.size() > 1 || !found.drawing().name().equals("drawing")) {
            throw new EditRefusedException("A picture of a group, or of the older mark-up, is left as it is.");
        }
        XmlElement placed = parts.get(0).placed();
        Edit.ChangePicture.Size size = edit.size();
        if (size != null) {
            resize(placed, size);
        }
        String alternative = edit.alternative();
        XmlElement properties = placed.child("docPr");
        if (alternative != null && properties != null) {
            setPlain(properties, "descr", alternative);
        }
        if (edit.intoLine() && placed.name().equals("anchor")) {
            intoLine(placed);
        }
    }

    private static void resize(XmlElement placed, Edit.ChangePicture.Size size) {
        setSize(placed.child("extent"), size);
        XmlElement picture = Search.first(placed, Ns.PIC, "spPr");
        XmlElement transform = picture == null ? null : picture.child(Ns.A, "xfrm");
        setSize(transform == null ? null : transform.child("ext"), size);
    }

    private static void setSize(@Nullable XmlElement extent, Edit.ChangePicture.Size size) {
        if (extent != null) {
            setPlain(extent, "cx", Long.toString(size.width()));
            setPlain(extent, "cy", Long.toString(size.height()));
        }
    }

    /** Attributes of drawings have no namespace. */
    private static void setPlain(XmlElement element, String name, String value) {
        element.setAttribute("", "", name, value);
    }

    private static void intoLine(XmlElement anchor) {
        XmlElement inline = XmlElement.like(anchor, "inline");
        for (String side : List.of("distT", "distB", "distL", "distR")) {
            setPlain(inline, side, "0");
        }
        anchor.holder().insertBefore(inline, anchor);
        for (XmlElement child : anchor.elements()) {
            boolean goes = child.namespace().equals(Ns.WP) && OF_ANCHORS_ONLY.contains(child.name())
                    || child.name().startsWith("sizeRel");
            if (!goes) {
                child.remove();
                inline.append(child);
            }
        }
        anchor.remove();
    }
}
