package grintel.formats.docx;

import grintel.core.paper.Anchor;
import grintel.core.paper.Anchor.Alignment;
import grintel.core.paper.Anchor.Axis;
import grintel.core.paper.Anchor.Reference;
import grintel.core.paper.Anchor.Wrap;
import grintel.formats.xml.XmlElement;
import org.jspecify.annotations.Nullable;

/** Reads where a drawing stands that is not in a line (ISO 29500-1 §20.4.2.3). */
final class AnchorReader {
    private AnchorReader() {}

    /** The anchor of a placed drawing; null where it stands in its line. */
    static @Nullable Anchor read(XmlElement placed) {
        if (placed.name().equals("inline")) {
            return null;
        }
        return new Anchor(
                wrap(placed),
                axis(placed.child("positionH"), "column"),
                axis(placed.child("positionV"), "paragraph"),
                new Anchor.Distances(
                        Values.emu(placed.attribute("distT")),
                        Values.emu(placed.attribute("distR")),
                        Values.emu(placed.attribute("distB")),
                        Values.emu(placed.attribute("distL"))));
    }

    private static Wrap wrap(XmlElement placed) {
        for (XmlElement child : placed.elements()) {
            switch (child.name()) {
                case "wrapTopAndBottom" -> {
                    return Wrap.ABOVE_AND_BELOW;
                }
                case "wrapSquare", "wrapTight", "wrapThrough" -> {
                    return Wrap.AROUND;
                }
                case "wrapNone" -> {
                    return Wrap.NONE;
                }
                default -> {}
            }
        }
        return Wrap.NONE;
    }

    private static Axis axis(@Nullable XmlElement position, String otherwise) {
        if (position == null) {
            return Axis.offset(Reference.TEXT, 0);
        }
        String from = position.attribute("relativeFrom");
        Reference reference = switch (from == null ? otherwise : from) {
            case "page" -> Reference.SHEET;
            case "margin", "leftMargin", "rightMargin", "topMargin", "bottomMargin", "insideMargin", "outsideMargin" ->
                Reference.MARGINS;
            default -> Reference.TEXT;
        };
        XmlElement align = position.child("align");
        if (align != null) {
            return Axis.aligned(
                    reference,
                    switch (align.text().strip()) {
                        case "center" -> Alignment.CENTRE;
                        case "right", "bottom", "outside" -> Alignment.END;
                        default -> Alignment.START;
                    });
        }
        XmlElement offset = position.child("posOffset");
        return Axis.offset(reference, offset == null ? 0 : Values.signedEmu(offset.text()));
    }
}
