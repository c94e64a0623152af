package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.core.paper.Frame;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Reads frames (ISO 29500-1 §17.3.1.11). */
final class FrameReader {
    private FrameReader() {}

    static Frame read(XmlElement element) {
        String drop = String.valueOf(element.attribute("dropCap"));
        Integer lines = Values.integer(element.attribute("lines"));
        boolean dropped = drop.equals("drop") || drop.equals("margin");
        String wrap = String.valueOf(element.attribute("wrap"));
        return new Frame(
                length(element, "w"),
                length(element, "h"),
                length(element, "hSpace"),
                length(element, "vSpace"),
                !wrap.equals("notBeside") && !wrap.equals("none"),
                axis(element.attribute("hAnchor"), element.attribute("xAlign"), element.attribute("x"), false),
                axis(element.attribute("vAnchor"), element.attribute("yAlign"), element.attribute("y"), true),
                dropped ? Math.max(1, Math.min(10, lines == null ? 1 : lines)) : 0);
    }

    private static int length(XmlElement element, String name) {
        Integer twips = Values.twips(element.attribute(name));
        return twips == null ? 0 : Math.max(0, twips);
    }

    private static Frame.Axis axis(
            @Nullable String anchor, @Nullable String align, @Nullable String offset, boolean down) {
        Anchor.Reference from = switch (anchor == null ? "page" : anchor) {
            case "page" -> Anchor.Reference.SHEET;
            case "margin" -> Anchor.Reference.MARGINS;
            default -> Anchor.Reference.TEXT;
        };
        Integer twips = Values.twips(offset);
        if (align == null && twips == null) {
            return Frame.Axis.START;
        }
        if (align != null && !align.equals("inline")) {
            return new Frame.Axis(
                    from,
                    true,
                    switch (align) {
                        case "center" -> Anchor.Alignment.CENTRE;
                        case "right", "bottom", "outside" -> Anchor.Alignment.END;
                        default -> Anchor.Alignment.START;
                    },
                    0);
        }
        return new Frame.Axis(from, false, Anchor.Alignment.START, twips == null || down && twips < 0 ? 0 : twips);
    }
}
