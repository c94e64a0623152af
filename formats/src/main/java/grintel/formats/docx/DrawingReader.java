package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.core.paper.Block;
import grintel.core.paper.Inline;
import grintel.core.paper.Run;
import grintel.formats.xml.XmlElement;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads drawings into pictures and boxes of text. */
final class DrawingReader {
    /** A box of text in a line is read as one that stands at its paragraph and holds the text off. */
    private static final Anchor IN_PLACE = new Anchor(
            Anchor.Wrap.ABOVE_AND_BELOW,
            Anchor.AT_PARAGRAPH.across(),
            Anchor.AT_PARAGRAPH.down(),
            Anchor.AT_PARAGRAPH.distances());

    private final StoryReader story;

    DrawingReader(StoryReader story) {
        this.story = story;
    }

    void read(XmlElement drawing, Run run, List<Inline> out) {
        for (Drawings.Part part : Drawings.parts(drawing)) {
            boolean vector = !drawing.name().equals("drawing");
            out.add(vector ? vector(part, drawing, run) : placed(part, run));
        }
    }

    private Inline placed(Drawings.Part part, Run run) {
        XmlElement placed = part.placed();
        XmlElement extent = placed.child("extent");
        long width = extent == null ? 0 : Values.emu(extent.attribute("cx"));
        long height = extent == null ? 0 : Values.emu(extent.attribute("cy"));
        Anchor anchor = AnchorReader.read(placed);
        if (!part.shift().equals(Drawings.Shift.NONE)) {
            long[] place = part.shift().apply(transform(part.shape()));
            if (place != null) {
                width = place[2];
                height = place[3];
                anchor = anchor == null ? null : moved(anchor, place[0], place[1]);
            }
        }
        XmlElement box = part.box();
        if (box != null) {
            List<Block> blocks = story.readTextBox(box);
            return new Inline.TextBox(width, height, anchor == null ? IN_PLACE : anchor, blocks, run);
        }
        XmlElement properties = placed.child("docPr");
        String alternative = properties == null ? null : properties.attribute("descr");
        XmlElement blip = Search.first(part.shape(), Ns.A, "blip");
        String target = story.targetOf(blip == null ? null : blip.attribute(Ns.R, "embed"));
        return new Inline.Picture(
                blip == null ? kind(placed) : Inline.Picture.Kind.IMAGE,
                width,
                height,
                anchor,
                alternative == null ? "" : alternative,
                target,
                story.pixels(target),
                run);
    }

    private static Inline.Picture.Kind kind(XmlElement placed) {
        XmlElement data = Search.first(placed, Ns.A, "graphicData");
        String uri = data == null ? "" : String.valueOf(data.attribute("uri"));
        return uri.endsWith("/chart") || uri.endsWith("/chartex")
                ? Inline.Picture.Kind.CHART
                : uri.endsWith("/diagram") ? Inline.Picture.Kind.DIAGRAM : Inline.Picture.Kind.DRAWING;
    }

    private static @Nullable XmlElement transform(XmlElement shape) {
        XmlElement properties = shape.elements().stream()
                .filter(each -> each.name().equals("spPr"))
                .findFirst()
                .orElse(null);
        return properties == null ? null : properties.child(Ns.A, "xfrm");
    }

    private static Anchor moved(Anchor anchor, long x, long y) {
        return new Anchor(anchor.wrap(), moved(anchor.across(), x), moved(anchor.down(), y), anchor.distances());
    }

    /** A place told by its alignment stays, since the size of the whole is needed to move within it. */
    private static Anchor.Axis moved(Anchor.Axis axis, long by) {
        return axis.aligned() ? axis : Anchor.Axis.offset(axis.from(), axis.offset() + by);
    }

    /** The older vector mark-up: the size comes from the shape's style. */
    private Inline vector(Drawings.Part part, XmlElement drawing, Run run) {
        String style = part.shape().attribute("style");
        long width = VectorStyle.emu(style, "width");
        long height = VectorStyle.emu(style, "height");
        XmlElement box = part.box();
        if (box != null) {
            return new Inline.TextBox(width, height, Anchor.AT_PARAGRAPH, story.readTextBox(box), run);
        }
        XmlElement image = Search.first(part.shape(), Ns.V, "imagedata");
        String alternative = part.shape().attribute("alt");
        String target = story.targetOf(image == null ? null : image.attribute(Ns.R, "id"));
        boolean floats = style != null && style.contains("position:absolute");
        return new Inline.Picture(
                drawing.name().equals("object") ? Inline.Picture.Kind.EMBEDDED_OBJECT : Inline.Picture.Kind.IMAGE,
                width,
                height,
                floats ? Anchor.AT_PARAGRAPH : null,
                alternative == null ? "" : alternative,
                target,
                story.pixels(target),
                run);
    }
}
