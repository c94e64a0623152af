package grintel.core.typeset;

import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Places the lines of paragraphs on pages: space between them, keeping together, widows and orphans (ISO 29500-1
 * §17.3.1.14, §17.3.1.15, §17.3.1.44). Never goes back further than the paragraphs that keep company with the next.
 */
final class ParagraphPlacer {
    private final PageFlow flow;
    private final LineComposer lines;
    private final BoxComposer boxes;
    private final TablePlacer tables;
    private final FloatPlacer floats;
    private final Remarks remarks;
    private final boolean gapsAdd;
    /** Paragraphs set ahead of their turn, by their index among their blocks. */
    private final Map<Integer, SetParagraph> ahead = new HashMap<>();
    /** Index of the last block looked at by a chain that keeps together. */
    private int keptUntil = -1;

    ParagraphPlacer(
            PageFlow flow,
            LineComposer lines,
            BoxComposer boxes,
            TablePlacer tables,
            FloatPlacer floats,
            Remarks remarks,
            boolean gapsAdd) {
        this.flow = flow;
        this.lines = lines;
        this.boxes = boxes;
        this.tables = tables;
        this.floats = floats;
        this.remarks = remarks;
        this.gapsAdd = gapsAdd;
    }

    /** Places blocks one below the other, the first below {@code above}; gives the paragraph they end with. */
    @Nullable
    Paragraph place(List<Stacked> blocks, @Nullable Paragraph above, PagePart part) {
        Paragraph before = above;
        ahead.clear();
        keptUntil = -1;
        for (int i = 0; i < blocks.size(); i++) {
            if (blocks.get(i) instanceof Stacked.Loose loose) {
                placeFloats(framed(loose.frames()), part);
                continue;
            }
            if (blocks.get(i) instanceof Stacked.Grid grid) {
                if (before != null && !flow.page().atTop()) {
                    flow.page().advanceTo(flow.page().y + Millipoints.ofTwips(Gaps.after(before, null)));
                }
                before = null;
                tables.place(grid.table(), part);
                continue;
            }
            Stacked.Text text = (Stacked.Text) blocks.get(i);
            Paragraph paragraph = text.paragraph();
            if (paragraph.format().get(ParagraphProperties.PAGE_BREAK_BEFORE) && !isFreshPage()) {
                flow.newPage(true);
                before = null;
            }
            if (i > keptUntil && keepsWithNext(paragraph)) {
                keptUntil = keepTogether(blocks, i, before);
            }
            SetParagraph set = ahead.remove(i);
            place(set == null ? compose(text) : set, before, part);
            before = paragraph;
        }
        return before;
    }

    private static boolean keepsWithNext(Paragraph paragraph) {
        return paragraph.format().get(ParagraphProperties.KEEP_WITH_NEXT);
    }

    private boolean isFreshPage() {
        OpenPage page = flow.page();
        return page.atTop() && page.column == 0 && page.text.isEmpty() && page.reachedByBreak;
    }

    private SetParagraph compose(Stacked.Text text) {
        return lines.compose(text, flow.page().geometry.columnWidth(), FieldValues.UNCOUNTED);
    }

    // ---- keeping together

    /**
     * Moves a chain of paragraphs that keep with the next to a new page when it does not fit here with the first lines
     * of what it leads up to, and would fit there.
     *
     * @return index of the last block looked at
     */
    private int keepTogether(List<Stacked> blocks, int from, @Nullable Paragraph above) {
        OpenPage page = flow.page();
        int needed = 0;
        Paragraph before = page.atTop() ? null : above;
        int room = page.bottom() - page.y;
        int full = page.fullHeight();
        int i = from;
        for (; i < blocks.size() && needed <= full; i++) {
            if (blocks.get(i) instanceof Stacked.Loose) {
                continue;
            }
            if (blocks.get(i) instanceof Stacked.Grid grid) {
                needed += tables.heightOfStart(grid.table());
                break;
            }
            Stacked.Text text = (Stacked.Text) blocks.get(i);
            Paragraph paragraph = text.paragraph();
            SetParagraph set = compose(text);
            ahead.put(i, set);
            needed += i == from && page.atTop() ? 0 : Millipoints.ofTwips(Gaps.between(before, paragraph, gapsAdd));
            before = paragraph;
            if (!keepsWithNext(paragraph)) {
                needed += firstLinesHeight(set);
                break;
            }
            needed += set.height();
            if (set.lines().get(set.lines().size() - 1).after() != SetLine.After.PARAGRAPH_END) {
                break;
            }
        }
        if (needed > full) {
            remarks.add(Remarks.Kind.KEPT_TOO_MUCH, page.number);
        } else if (needed > room && !page.atTop()) {
            flow.newColumnOrPage(false);
        }
        return Math.min(i, blocks.size() - 1);
    }

    /** What must stand on the page for the paragraph to have started there. */
    private static int firstLinesHeight(SetParagraph set) {
        List<SetLine> all = set.lines();
        boolean whole = set.paragraph().format().get(ParagraphProperties.KEEP_LINES);
        boolean controlled = set.paragraph().format().get(ParagraphProperties.WIDOW_CONTROL);
        int count = whole ? all.size() : controlled ? (all.size() <= 3 ? all.size() : 2) : 1;
        int height = 0;
        for (int i = 0; i < Math.min(count, all.size()); i++) {
            height += all.get(i).height();
        }
        return height;
    }

    // ---- one paragraph

    private void place(SetParagraph normal, @Nullable Paragraph above, PagePart part) {
        Paragraph paragraph = normal.paragraph();
        spaceBefore(paragraph, above);
        if (normal.squeezed()) {
            remarks.add(Remarks.Kind.SQUEEZED, flow.page().number);
        }
        List<Content.Floating> beside = framed(normal.text().frames());
        beside.addAll(normal.floats());
        if (!beside.isEmpty()) {
            startsHere(normal);
            placeFloats(beside, part);
        }
        boolean obstructed = flow.page().isObstructed();
        SetParagraph set = obstructed ? composeBeside(normal.text(), 0) : normal;
        int placed = 0;
        int at = 0;
        while (at < set.lines().size()) {
            List<SetLine> all = set.lines();
            int segmentEnd = endOfSegment(all, at);
            int fit = fitting(all, at, segmentEnd);
            if (at + fit < segmentEnd) {
                fit = allowedBreak(set, at, segmentEnd, fit);
            }
            if (fit == 0 && flow.page().isEmptyColumn()) {
                fit = 1;
                if (all.get(at).height() > flow.page().fullHeight()) {
                    remarks.add(Remarks.Kind.LINE_TOO_HIGH, flow.page().number);
                }
            }
            for (int i = 0; i < fit; i++) {
                placeLine(paragraph, placed++, all.get(at + i), part);
            }
            at += fit;
            SetLine.After after =
                    at == 0 ? SetLine.After.GO_ON : all.get(at - 1).after();
            if (at < segmentEnd) {
                flow.newColumnOrPage(false);
            } else if (after == SetLine.After.PAGE_BREAK) {
                flow.newPage(true);
            } else if (after == SetLine.After.COLUMN_BREAK) {
                flow.newColumnOrPage(true);
            } else {
                continue;
            }
            if (at < all.size() && (obstructed || flow.page().isObstructed())) {
                // Lines set beside a picture of the page before are set anew for this one.
                set = composeBeside(normal.text(), at == 0 ? 0 : all.get(at - 1).end());
                obstructed = true;
                at = 0;
            }
        }
    }

    private void spaceBefore(Paragraph paragraph, @Nullable Paragraph above) {
        OpenPage page = flow.page();
        if (page.atTop()) {
            // At a page top only a break, or a section's start, lets the space before stand.
            int before = page.reachedByBreak ? Gaps.before(above, paragraph) : 0;
            page.advanceTo(page.y + Millipoints.ofTwips(before));
        } else {
            page.advanceTo(page.y + Millipoints.ofTwips(Gaps.between(above, paragraph, gapsAdd)));
        }
    }

    private List<Content.Floating> framed(List<Stacked.Framed> frames) {
        List<Content.Floating> out = new ArrayList<>(frames.size());
        for (Stacked.Framed frame : frames) {
            out.add(boxes.frame(frame, flow.page().geometry.columnWidth()));
        }
        return out;
    }

    /** What belongs to a paragraph stands on the page the paragraph starts on. */
    private void startsHere(SetParagraph set) {
        if (!flow.page().isEmptyColumn()
                && flow.page().y + firstLinesHeight(set) > flow.page().bottom()) {
            flow.newColumnOrPage(false);
        }
    }

    private void placeFloats(List<Content.Floating> all, PagePart part) {
        for (Content.Floating floating : all) {
            OpenPage page = flow.page();
            int height = floating.box().height();
            if (floating.clearsText() && page.y + height > page.bottom() && !page.isEmptyColumn()) {
                flow.newColumnOrPage(false);
                page = flow.page();
            }
            int left = page.columnLeft();
            SetBox.BoxFloat at = new SetBox.BoxFloat(floating, left, left + page.geometry.columnWidth(), page.y);
            OpenPage.Obstacle taken = floats.place(at, page, part, FieldValues.UNCOUNTED);
            switch (floating.anchor().wrap()) {
                case NONE -> {}
                case AROUND, ABOVE_AND_BELOW -> {
                    // What is as high as the page leaves the text no place beside or below it.
                    if (taken.bottom() - taken.top() < page.fullHeight()) {
                        page.addObstacle(taken);
                    } else if (floating.clearsText()) {
                        remarks.add(Remarks.Kind.LINE_TOO_HIGH, page.number);
                        page.advanceTo(page.bottom());
                    }
                }
            }
        }
    }

    /** Sets what is left of a paragraph from a character on, beside what stands on the page. */
    private SetParagraph composeBeside(Stacked.Text text, int from) {
        OpenPage page = flow.page();
        return lines.compose(text, page.geometry.columnWidth(), FieldValues.UNCOUNTED, page.room(), from);
    }

    /** A segment ends at a forced break or with the paragraph. */
    private static int endOfSegment(List<SetLine> all, int from) {
        for (int i = from; i < all.size(); i++) {
            SetLine.After after = all.get(i).after();
            if (after == SetLine.After.PAGE_BREAK || after == SetLine.After.COLUMN_BREAK) {
                return i + 1;
            }
        }
        return all.size();
    }

    /** How many lines from {@code from} fit in what is left of the column, their notes' first lines included. */
    private int fitting(List<SetLine> all, int from, int to) {
        int y = flow.page().y;
        int bottom = flow.page().bottom();
        for (int i = from; i < to; i++) {
            SetLine line = all.get(i);
            y += line.height();
            if (y + flow.costOfFirstNoteLines(line.calls()) > bottom) {
                return i - from;
            }
            bottom -= flow.costOfNotes(line.calls());
        }
        return to - from;
    }

    /** Keeps lines together, and at least two of a paragraph on either side of the break where it asks for that. */
    private int allowedBreak(SetParagraph set, int at, int end, int fit) {
        boolean emptyColumn = flow.page().isEmptyColumn();
        boolean keepLines = set.paragraph().format().get(ParagraphProperties.KEEP_LINES);
        boolean controlled = set.paragraph().format().get(ParagraphProperties.WIDOW_CONTROL);
        if (keepLines && at == 0 && !emptyColumn && set.height() <= flow.page().fullHeight()) {
            return 0;
        }
        if (fit == 0 || !controlled || emptyColumn && end - at <= 2) {
            return fit;
        }
        int allowed = fit;
        if (end == set.lines().size() && end - at - allowed == 1) {
            allowed--;
        }
        if (at == 0 && allowed == 1) {
            allowed = 0;
        }
        return allowed == 0 && emptyColumn ? fit : allowed;
    }

    private void placeLine(Paragraph paragraph, int number, SetLine line, PagePart part) {
        OpenPage page = flow.page();
        int left = page.columnLeft();
        SetBox.BoxLine boxLine = new SetBox.BoxLine(paragraph, number, line, 0, page.geometry.columnWidth(), 0);
        boxLine.on(part, left, page.y, false, page.text);
        for (PlacedPicture picture : line.pictures()) {
            if (picture.width() > page.geometry.width()) {
                remarks.add(Remarks.Kind.PICTURE_TOO_WIDE, page.number);
            }
            page.pictures.add(picture.movedBy(left, page.y));
        }
        page.advanceTo(page.y + line.height());
        line.calls().forEach(flow::placeNote);
    }
}
