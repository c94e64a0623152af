package grintel.formats.docx;

import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Finds what a drawing holds: boxes of text and pictures, those of a group one by one. */
final class Drawings {
    private Drawings() {}

    /** The boxes and pictures of a drawing, or of the older vector mark-up, in order; a drawing of neither is one itself. */
    static List<Part> parts(XmlElement drawing) {
        List<Part> out = new ArrayList<>();
        if (drawing.name().equals("drawing")) {
            for (XmlElement placed : drawing.elements()) {
                if (placed.namespace().equals(Ns.WP)) {
                    List<Part> inside = new ArrayList<>();
                    collect(placed, placed, Shift.NONE, inside);
                    out.addAll(inside.isEmpty() ? List.of(new Part(placed, placed, null, Shift.NONE)) : inside);
                }
            }
        } else {
            collectVector(drawing, drawing, out);
        }
        return out;
    }

    private static void collect(XmlElement from, XmlElement placed, Shift shift, List<Part> out) {
        for (XmlElement child : from.elements()) {
            if (child.is(Ns.W, "txbxContent")) {
                out.add(new Part(placed, from.parent() == null ? from : from.parent(), child, shift));
            } else if (child.is(Ns.A, "blip")) {
                XmlElement fill = from.parent();
                out.add(new Part(placed, fill == null ? from : fill, null, shift));
            } else if (child.is(Ns.MC, "AlternateContent")) {
                XmlElement branch = Structure.branch(child);
                if (branch != null) {
                    collect(branch, placed, shift, out);
                }
            } else if (child.name().equals("wgp") || child.name().equals("grpSp")) {
                collect(child, placed, shift.into(child), out);
            } else {
                collect(child, placed, shift, out);
            }
        }
    }

    private static void collectVector(XmlElement from, XmlElement drawing, List<Part> out) {
        for (XmlElement child : from.elements()) {
            if (child.is(Ns.W, "txbxContent")) {
                out.add(new Part(drawing, shapeOf(child, drawing), child, Shift.NONE));
            } else if (child.is(Ns.V, "imagedata")) {
                out.add(new Part(drawing, shapeOf(child, drawing), null, Shift.NONE));
            } else {
                collectVector(child, drawing, out);
            }
        }
    }

    private static XmlElement shapeOf(XmlElement element, XmlElement otherwise) {
        for (XmlElement at = element.parent(); at != null; at = at.parent()) {
            if (at.namespace().equals(Ns.V) && at.attribute("style") != null) {
                return at;
            }
        }
        return otherwise;
    }

    /**
     * A box of text or a picture.
     *
     * @param placed the element that says where the drawing stands
     * @param shape the element of the shape itself
     * @param box the content of a box of text, null for a picture
     */
    record Part(
            XmlElement placed, XmlElement shape, @Nullable XmlElement box, Shift shift) {}

    /** How the measures of a group's shapes are turned into those of the sheet (ISO 29500-1 §20.1.7.5). */
    record Shift(double x, double y, double scaleX, double scaleY) {
        static final Shift NONE = new Shift(0, 0, 1, 1);

        Shift into(XmlElement group) {
            XmlElement properties = group.elements().stream()
                    .filter(each -> each.name().equals("grpSpPr"))
                    .findFirst()
                    .orElse(null);
            XmlElement transform = properties == null ? null : properties.child(Ns.A, "xfrm");
            if (transform == null) {
                return this;
            }
            double width = number(transform.child("ext"), "cx");
            double height = number(transform.child("ext"), "cy");
            double innerWidth = number(transform.child("chExt"), "cx");
            double innerHeight = number(transform.child("chExt"), "cy");
            double byX = innerWidth > 0 && width > 0 ? width / innerWidth : 1;
            double byY = innerHeight > 0 && height > 0 ? height / innerHeight : 1;
            return new Shift(
                    x - number(transform.child("chOff"), "x") * byX * scaleX,
                    y - number(transform.child("chOff"), "y") * byY * scaleY,
                    scaleX * byX,
                    scaleY * byY);
        }

        private static double number(@Nullable XmlElement element, String name) {
            String text = element == null ? null : element.attribute(name);
            return text == null ? 0 : Values.signedEmu(text);
        }

        /** The place and size of a shape in the drawing, in EMU: x, y, width, height; null where it says none. */
        long @Nullable [] apply(@Nullable XmlElement transform) {
            if (transform == null) {
                return null;
            }
            return new long[] {
                Math.round(x + number(transform.child("off"), "x") * scaleX),
                Math.round(y + number(transform.child("off"), "y") * scaleY),
                Math.round(number(transform.child("ext"), "cx") * scaleX),
                Math.round(number(transform.child("ext"), "cy") * scaleY)
            };
        }
    }
}
