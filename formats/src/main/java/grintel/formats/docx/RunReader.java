package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.core.paper.Formatting;
import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.Story;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Reads what stands in a run. */
final class RunReader {
    /** A box of text in a line is read as one that stands at its paragraph and holds the text off. */
    private static final Anchor IN_PLACE = new Anchor(
            Anchor.Wrap.ABOVE_AND_BELOW,
            Anchor.AT_PARAGRAPH.across(),
            Anchor.AT_PARAGRAPH.down(),
            Anchor.AT_PARAGRAPH.distances());

    private final StoryReader story;
    private final ReadingState state;

    RunReader(StoryReader story, ReadingState state) {
        this.story = story;
        this.state = state;
    }

    /** Adds the inlines of a run that is not deleted. */
    void read(Structure.Piece piece, int number, Formatting format, List<Inline> out) {
        Inline.Field.Kind simple = FieldTracker.kind(piece.instruction());
        if (simple != null) {
            out.add(new Inline.Field(simple, piece.element().text(), number, format));
            return;
        }
        String link = story.linkOf(piece.link());
        if (link.isEmpty()) {
            link = state.fields.link();
        }
        int offset = 0;
        StringBuilder text = new StringBuilder();
        int textStart = 0;
        for (XmlElement child : content(piece.element())) {
            String characters = characters(child);
            if (characters != null && !isSeparate(child)) {
                if (state.fields.inInstruction()) {
                    offset += characters.length();
                    continue;
                }
                Inline.Field.Kind live = state.fields.liveResult();
                if (live != null) {
                    if (state.fields.firstOfLiveResult()) {
                        out.add(new Inline.Field(live, characters, number, format));
                    }
                } else {
                    if (text.isEmpty()) {
                        textStart = offset;
                    }
                    text.append(characters);
                }
                offset += characters.length();
                continue;
            }
            if (!text.isEmpty()) {
                out.add(new Inline.Text(text.toString(), number, textStart, format, link));
                text.setLength(0);
            }
            if (characters != null) {
                if (!state.fields.inInstruction()) {
                    addSeparate(child, number, offset, format, out);
                }
                offset += characters.length();
            } else {
                addObject(child, number, format, out);
            }
        }
        if (!text.isEmpty()) {
            out.add(new Inline.Text(text.toString(), number, textStart, format, link));
        }
    }

    /** The children of a run, alternate content resolved. */
    private static List<XmlElement> content(XmlElement run) {
        List<XmlElement> out = new ArrayList<>(2);
        for (XmlElement child : run.elements()) {
            XmlElement branch = child.is(Ns.MC, "AlternateContent") ? Structure.branch(child) : null;
            if (branch != null) {
                out.addAll(branch.elements());
            } else {
                out.add(child);
            }
        }
        return out;
    }

    /** The characters an element of a run stands for, one each for tabs, breaks and symbols; null for objects. */
    static @Nullable String characters(XmlElement element) {
        if (!element.namespace().equals(Ns.W)) {
            return null;
        }
        return switch (element.name()) {
            case "t" -> element.text();
            case "tab", "ptab" -> "\t";
            case "br", "cr" -> "\n";
            case "noBreakHyphen" -> "\u2011";
            case "softHyphen" -> "\u00AD";
            case "sym" -> symbol(element);
            default -> null;
        };
    }

    private static boolean isSeparate(XmlElement element) {
        return switch (element.name()) {
            case "tab", "ptab", "br", "cr" -> true;
            default -> false;
        };
    }

    private static String symbol(XmlElement element) {
        String code = element.attribute("char");
        try {
            int value = code == null ? 0 : Integer.parseInt(code, 16);
            // Symbol faces keep their characters in the private use area from F000 (§17.3.3.30).
            int shown = value >= 0xF020 && value <= 0xF0FF ? SymbolFaces.unicode(value & 0xFF) : value;
            return Character.isValidCodePoint(shown) && shown >= ' ' && shown <= 0xFFFF
                    ? String.valueOf((char) shown)
                    : "\uFFFD";
        } catch (NumberFormatException e) {
            return "\uFFFD";
        }
    }

    private static void addSeparate(XmlElement element, int number, int offset, Formatting format, List<Inline> out) {
        if (element.name().equals("tab") || element.name().equals("ptab")) {
            out.add(new Inline.Tab(number, offset, format));
            return;
        }
        Inline.Break.Kind kind = switch (String.valueOf(element.attribute("type"))) {
            case "page" -> Inline.Break.Kind.PAGE;
            case "column" -> Inline.Break.Kind.COLUMN;
            default -> Inline.Break.Kind.LINE;
        };
        out.add(new Inline.Break(kind, number, offset, format));
    }

    private void addObject(XmlElement element, int number, Formatting format, List<Inline> out) {
        if (element.namespace().equals(Ns.W)) {
            switch (element.name()) {
                case "fldChar" -> field(element, number, format, out);
                case "instrText" -> state.fields.instruction(element.text());
                case "footnoteReference" -> noteSign(Story.Kind.FOOTNOTE, element, number, format, out);
                case "endnoteReference" -> noteSign(Story.Kind.ENDNOTE, element, number, format, out);
                case "footnoteRef", "endnoteRef" ->
                    out.add(new Inline.NoteSign(story.story(), state.signOf(story.story()), true, number, format));
                case "drawing" -> drawing(element, number, format, out);
                case "pict", "object" -> vectorPicture(element, number, format, out);
                default -> {}
            }
        }
    }

    private void field(XmlElement element, int number, Formatting format, List<Inline> out) {
        switch (String.valueOf(element.attribute("fldCharType"))) {
            case "begin" -> state.fields.begin();
            case "separate" -> state.fields.separate();
            case "end" -> {
                Inline.Field.Kind empty = state.fields.end();
                if (empty != null) {
                    out.add(new Inline.Field(empty, "", number, format));
                }
            }
            default -> {}
        }
    }

    private void noteSign(Story.Kind kind, XmlElement element, int number, Formatting format, List<Inline> out) {
        String id = element.attribute("id");
        if (id != null) {
            Story note = new Story(kind, id);
            String custom = element.attribute("customMarkFollows");
            boolean own = custom != null && (custom.equals("1") || custom.equals("true") || custom.equals("on"));
            out.add(new Inline.NoteSign(note, own ? "" : state.callNote(note), false, number, format));
        }
    }

    private void drawing(XmlElement drawing, int number, Formatting format, List<Inline> out) {
        for (XmlElement placed : drawing.elements()) {
            if (!placed.namespace().equals(Ns.WP)) {
                continue;
            }
            XmlElement extent = placed.child("extent");
            long width = extent == null ? 0 : Values.emu(extent.attribute("cx"));
            long height = extent == null ? 0 : Values.emu(extent.attribute("cy"));
            XmlElement box = Search.first(placed, Ns.W, "txbxContent");
            if (box != null) {
                Anchor anchor = AnchorReader.read(placed);
                addTextBox(box, width, height, anchor == null ? IN_PLACE : anchor, number, format, out);
                continue;
            }
            XmlElement properties = placed.child("docPr");
            String alternative = properties == null ? null : properties.attribute("descr");
            XmlElement blip = Search.first(placed, Ns.A, "blip");
            out.add(new Inline.Picture(
                    width,
                    height,
                    AnchorReader.read(placed),
                    alternative == null ? "" : alternative,
                    story.targetOf(blip == null ? null : blip.attribute(Ns.R, "embed")),
                    number,
                    format));
        }
    }

    /** The older vector mark-up: its text boxes, and its pictures with the size from the shape's style. */
    private void vectorPicture(XmlElement element, int number, Formatting format, List<Inline> out) {
        XmlElement box = Search.first(element, Ns.W, "txbxContent");
        XmlElement shape = Search.firstWithAttribute(element, Ns.V, "style");
        String style = shape == null ? null : shape.attribute("style");
        long width = VectorStyle.emu(style, "width");
        long height = VectorStyle.emu(style, "height");
        if (box != null) {
            addTextBox(box, width, height, Anchor.AT_PARAGRAPH, number, format, out);
            return;
        }
        XmlElement image = Search.first(element, Ns.V, "imagedata");
        if (image != null) {
            boolean floats = style != null && style.contains("position:absolute");
            out.add(new Inline.Picture(
                    width,
                    height,
                    floats ? Anchor.AT_PARAGRAPH : null,
                    shape == null || shape.attribute("alt") == null ? "" : String.valueOf(shape.attribute("alt")),
                    story.targetOf(image.attribute(Ns.R, "id")),
                    number,
                    format));
        }
    }

    private void addTextBox(
            XmlElement content,
            long width,
            long height,
            Anchor anchor,
            int number,
            Formatting format,
            List<Inline> out) {
        List<Paragraph> paragraphs = story.readTextBox(content);
        if (!paragraphs.isEmpty()) {
            out.add(new Inline.TextBox(width, height, anchor, paragraphs, number, format));
        }
    }
}
