package grintel.core.typeset;

import grintel.core.paper.Anchor;
import grintel.core.paper.Lengths;

/** Places pictures and boxes of text that do not stand in a line (ISO 29500-1 §20.4.2). */
final class FloatPlacer {
    private final BoxComposer boxes;
    private final Remarks remarks;

    FloatPlacer(BoxComposer boxes, Remarks remarks) {
        this.boxes = boxes;
        this.remarks = remarks;
    }

    /**
     * Puts one on the page.
     *
     * @param at its column's edges and its paragraph's upper edge, in millipoints from the sheet's top left
     * @param part where the paragraph stands that it belongs to
     * @return what it takes of the page, the white round it included
     */
    OpenPage.Obstacle place(SetBox.BoxFloat at, OpenPage page, PagePart part, FieldValues fields) {
        Content.Floating floating = at.floating();
        Content.Box box = floating.box();
        Anchor anchor = floating.anchor();
        ProofPage.Frame frame = page.geometry.frame();
        int x = position(
                anchor.across(),
                box.width(),
                page.geometry.width(),
                frame.left(),
                frame.right(),
                at.left(),
                at.right());
        int y = position(
                anchor.down(),
                box.height(),
                page.geometry.height(),
                frame.top(),
                frame.bottom(),
                at.top(),
                frame.bottom());
        // What would hang off the sheet's foot is moved up, as far as it can be.
        y = Math.max(0, Math.min(y, page.geometry.height() - box.height()));
        int height = box.height();
        if (floating.inside().isEmpty()) {
            if (box.width() > page.geometry.width()) {
                remarks.add(Remarks.Kind.PICTURE_TOO_WIDE, page.number);
            }
            page.pictures.add(new PlacedPicture(
                    x, y, box.width(), box.height(), box.target(), box.alternative(), box.standIn(), floating.owner()));
        } else {
            int width = floating.framed() ? box.width() : Math.max(box.width(), Millipoints.PER_INCH);
            SetBox inner = boxes.composeStacked(floating.inside(), width, fields);
            for (SetBox.BoxLine line : inner.lines()) {
                line.on(floating.framed() ? part : PagePart.BOX, x, y, false, page.boxes);
            }
            for (PlacedPicture picture : inner.pictures()) {
                page.pictures.add(picture.movedBy(x, y));
            }
            for (Fill fill : inner.fills()) {
                page.fills.add(fill.movedBy(x, y));
            }
            height = Math.max(height, inner.height());
        }
        Anchor.Distances white = anchor.distances();
        return new OpenPage.Obstacle(
                x - Millipoints.ofEmu(white.left()),
                y - Millipoints.ofEmu(white.top()),
                x + box.width() + Millipoints.ofEmu(white.right()),
                y + height + Millipoints.ofEmu(white.bottom()),
                anchor.wrap() == Anchor.Wrap.ABOVE_AND_BELOW);
    }

    private static int position(
            Anchor.Axis axis, int size, int sheet, int marginStart, int marginEnd, int textStart, int textEnd) {
        int start = switch (axis.from()) {
            case SHEET -> 0;
            case MARGINS -> marginStart;
            case TEXT -> textStart;
        };
        int end = switch (axis.from()) {
            case SHEET -> sheet;
            case MARGINS -> marginEnd;
            case TEXT -> textEnd;
        };
        if (axis.aligned()) {
            return switch (axis.alignment()) {
                case START -> start;
                case CENTRE -> (start + end - size) / 2;
                case END -> end - size;
            };
        }
        long offset = axis.offset() * Millipoints.PER_POINT / Lengths.EMU_PER_POINT;
        return start + (int) Math.max(-Millipoints.LIMIT, Math.min(Millipoints.LIMIT, offset));
    }
}
