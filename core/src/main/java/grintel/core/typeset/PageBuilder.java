package grintel.core.typeset;

import grintel.core.paper.Block;
import grintel.core.paper.Marginals;
import grintel.core.paper.Note;
import grintel.core.paper.Paper;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import grintel.core.paper.Table;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Fills pages with lines, from the first block to the last, never going back further than the paragraphs that keep
 * company with the next.
 */
final class PageBuilder {
    private final Paper paper;
    private final LineComposer lines;
    private final BoxComposer boxes;
    private final MarginalSetter marginals;
    private final LayoutLimits limits;
    private final ContentReader reader;
    private final NoteSetter notes;
    private final List<OpenPage> pages = new ArrayList<>();
    private final Deque<SetBox.BoxLine> notesLeftOver = new ArrayDeque<>();
    private final Set<String> remarks = new LinkedHashSet<>();
    private OpenPage page;
    private Section section;
    private @Nullable Paragraph above;

    PageBuilder(Paper paper, FaceCatalogue faces, LayoutLimits limits) {
        this.paper = paper;
        this.limits = limits;
        this.reader = new ContentReader(faces);
        this.lines = new LineComposer(reader, paper.settings().defaultTabStop());
        this.boxes = new BoxComposer(lines, paper.settings().gapsAdd());
        this.marginals = new MarginalSetter(boxes);
        this.notes = new NoteSetter(boxes, paper);
        this.section = paper.sections().get(0);
        this.page = openPage(true, true);
    }

    Proof build() {
        for (Section next : paper.sections()) {
            if (next.index() > 0) {
                startSection(next);
            }
            placeBlocks(next.blocks(), PagePart.TEXT);
        }
        placeEndnotes();
        while (!notesLeftOver.isEmpty()) {
            newPage(false);
        }
        return finish();
    }

    // ---- pages and sections

    private void startSection(Section next) {
        Section before = section;
        section = next;
        SectionProperties.Break kind = next.get(SectionProperties.BREAK);
        boolean sameSheet = before.get(SectionProperties.PAGE_WIDTH).equals(next.get(SectionProperties.PAGE_WIDTH))
                && before.get(SectionProperties.PAGE_HEIGHT).equals(next.get(SectionProperties.PAGE_HEIGHT));
        boolean runsOn = kind == SectionProperties.Break.CONTINUOUS
                || kind == SectionProperties.Break.NEXT_COLUMN && page.column + 1 < page.geometry.columns();
        if (runsOn && sameSheet) {
            if (kind == SectionProperties.Break.NEXT_COLUMN) {
                page.nextColumn();
            } else {
                page.continueWith(geometry(page.variant, page.printed));
            }
            return;
        }
        above = null;
        page = openPage(true, true);
        boolean even = page.printed % 2 == 0;
        if (kind == SectionProperties.Break.EVEN_PAGE && !even || kind == SectionProperties.Break.ODD_PAGE && even) {
            page = openPage(true, false);
        }
    }

    /** The next page of the section, or its first. */
    private OpenPage openPage(boolean byBreak, boolean firstOfSection) {
        int start = section.get(SectionProperties.PAGE_NUMBER_START);
        int printed = firstOfSection && start >= 0 ? start : pages.isEmpty() ? 1 : page.printed + 1;
        Marginals.Variant variant = firstOfSection && section.get(SectionProperties.FIRST_PAGE_DIFFERS)
                ? Marginals.Variant.FIRST
                : paper.settings().evenPagesDiffer() && printed % 2 == 0
                        ? Marginals.Variant.EVEN
                        : Marginals.Variant.DEFAULT;
        OpenPage opened =
                new OpenPage(pages.size() + 1, printed, section, variant, geometry(variant, printed), byBreak);
        pages.add(opened);
        limits.check(pages.size());
        takeLeftOverNotes(opened);
        return opened;
    }

    private PageGeometry geometry(Marginals.Variant variant, int printed) {
        return PageGeometry.of(
                section,
                paper.settings(),
                marginals.height(section.headers().get(variant), section),
                marginals.height(section.footers().get(variant), section),
                printed % 2 == 0);
    }

    private void newPage(boolean byBreak) {
        page = openPage(byBreak, false);
    }

    private void newColumnOrPage() {
        if (page.nextColumn()) {
            page.reachedByBreak = false;
        } else {
            newPage(false);
        }
    }

    // ---- blocks

    private void placeBlocks(List<Block> blocks, PagePart part) {
        Map<Integer, SetParagraph> set = new HashMap<>();
        int keptUntil = -1;
        for (int i = 0; i < blocks.size(); i++) {
            Block block = blocks.get(i);
            if (block instanceof Table table) {
                placeTable(table, part);
                continue;
            }
            Paragraph paragraph = (Paragraph) block;
            if (paragraph.format().get(ParagraphProperties.PAGE_BREAK_BEFORE) && !isFreshPage()) {
                newPage(true);
                above = null;
            }
            if (i > keptUntil && BoxComposer.keepsWithNext(paragraph)) {
                keptUntil = keepTogether(blocks, i, set);
            }
            SetParagraph lineSet = set.remove(i);
            placeParagraph(lineSet == null ? compose(paragraph) : lineSet, part);
            above = paragraph;
        }
    }

    private boolean isFreshPage() {
        return page.atTop() && page.column == 0 && page.text.isEmpty() && page.reachedByBreak;
    }

    private SetParagraph compose(Paragraph paragraph) {
        return lines.compose(paragraph, page.geometry.columnWidth(), FieldValues.UNCOUNTED);
    }

    /**
     * Moves a chain of paragraphs that keep with the next to a new page when it does not fit here with the first lines
     * of what it leads up to, and would fit there.
     *
     * @return index of the last paragraph looked at
     */
    private int keepTogether(List<Block> blocks, int from, Map<Integer, SetParagraph> set) {
        int needed = 0;
        Paragraph before = page.atTop() ? null : above;
        int room = page.bottom() - page.y;
        int full = page.fullHeight();
        int i = from;
        for (; i < blocks.size() && needed <= full; i++) {
            if (!(blocks.get(i) instanceof Paragraph paragraph)) {
                needed += firstRowHeight((Table) blocks.get(i));
                break;
            }
            SetParagraph lineSet = compose(paragraph);
            set.put(i, lineSet);
            needed += i == from && page.atTop()
                    ? 0
                    : Millipoints.ofTwips(
                            Gaps.between(before, paragraph, paper.settings().gapsAdd()));
            before = paragraph;
            if (!BoxComposer.keepsWithNext(paragraph)) {
                needed += firstLinesHeight(lineSet);
                break;
            }
            needed += lineSet.height();
            if (lineSet.lines().get(lineSet.lines().size() - 1).after() != SetLine.After.PARAGRAPH_END) {
                break;
            }
        }
        if (needed > room && needed <= full && !page.atTop()) {
            newColumnOrPage();
        }
        return Math.min(i, blocks.size() - 1);
    }

    private int firstRowHeight(Table table) {
        List<BoxComposer.SetRow> rows = boxes.composeRows(table, page.geometry.columnWidth(), FieldValues.UNCOUNTED);
        return rows.isEmpty() ? 0 : rows.get(0).box().height();
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

    private void placeParagraph(SetParagraph set, PagePart part) {
        Paragraph paragraph = set.paragraph();
        if (page.atTop()) {
            // At a page top only a break, or a section's start, lets the space before stand.
            int before = page.reachedByBreak ? Gaps.before(above, paragraph) : 0;
            page.advanceTo(page.y + Millipoints.ofTwips(before));
        } else {
            int gap = Millipoints.ofTwips(
                    Gaps.between(above, paragraph, paper.settings().gapsAdd()));
            page.advanceTo(page.y + gap);
        }
        placeFloats(set);
        boolean keepLines = paragraph.format().get(ParagraphProperties.KEEP_LINES);
        boolean controlled = paragraph.format().get(ParagraphProperties.WIDOW_CONTROL);
        List<SetLine> all = set.lines();
        int at = 0;
        while (at < all.size()) {
            int segmentEnd = endOfSegment(all, at);
            int fit = fitting(all, at, segmentEnd);
            if (at + fit < segmentEnd) {
                fit = allowedBreak(all, at, segmentEnd, fit, keepLines, controlled, set.height());
            }
            if (fit == 0 && isEmptyColumn()) {
                fit = 1;
                remarkIfTooHigh(all.get(at));
            }
            for (int i = 0; i < fit; i++) {
                placeLine(paragraph, at + i, all.get(at + i), part);
            }
            at += fit;
            if (at < segmentEnd) {
                newColumnOrPage();
            } else if (at > 0 && all.get(at - 1).after() == SetLine.After.PAGE_BREAK) {
                newPage(true);
            } else if (at > 0 && all.get(at - 1).after() == SetLine.After.COLUMN_BREAK) {
                newColumnOrPage();
                page.reachedByBreak = true;
            }
        }
    }

    /** Whether only space before a paragraph, or nothing, stands in the column. */
    private boolean isEmptyColumn() {
        return page.atTop()
                || page.text.isEmpty()
                        && page.column == 0
                        && page.columnTop == page.geometry.frame().top();
    }

    private void remarkIfTooHigh(SetLine line) {
        if (line.height() > page.fullHeight()) {
            remarks.add("Something on page " + page.number + " is higher than the page and runs over its foot.");
        }
    }

    private void placeFloats(SetParagraph set) {
        int left = page.geometry.columnLeft(page.column);
        for (Content.Floating floating : set.floats()) {
            Content.Box box = floating.box();
            if (floating.clearsLine() && page.y + box.height() > page.bottom() && !page.atTop()) {
                newColumnOrPage();
            }
            if (floating.paragraphs().isEmpty()) {
                page.pictures.add(
                        new PlacedPicture(left, page.y, box.width(), box.height(), box.target(), box.alternative()));
            } else {
                SetBox inner = boxes.compose(
                        new ArrayList<>(floating.paragraphs()),
                        Math.max(box.width(), Millipoints.PER_INCH),
                        FieldValues.UNCOUNTED);
                for (SetBox.BoxLine line : inner.lines()) {
                    page.boxes.add(line.on(PagePart.BOX, left, page.y, false));
                }
            }
            if (floating.clearsLine()) {
                page.advanceTo(Math.min(page.bottom(), page.y + box.height()));
            }
        }
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
        int y = page.y;
        int bottom = page.bottom();
        for (int i = from; i < to; i++) {
            SetLine line = all.get(i);
            y += line.height();
            int noteStart = notes.heightOfFirstLines(line.calls(), noteWidth());
            if (y + page.costOfNotes(noteStart) > bottom) {
                return i - from;
            }
            bottom -= page.costOfNotes(notes.height(line.calls(), noteWidth()));
        }
        return to - from;
    }

    /** Keeps lines together, and at least two of a paragraph on either side of the break where it asks for that. */
    private int allowedBreak(
            List<SetLine> all, int at, int end, int fit, boolean keepLines, boolean controlled, int height) {
        if (keepLines && at == 0 && !isEmptyColumn() && height <= page.fullHeight()) {
            return 0;
        }
        if (fit == 0 || !controlled || isEmptyColumn() && end - at <= 2) {
            return fit;
        }
        int allowed = fit;
        if (end == all.size() && end - at - allowed == 1) {
            allowed--;
        }
        if (at == 0 && allowed == 1) {
            allowed = 0;
        }
        return allowed == 0 && isEmptyColumn() ? fit : allowed;
    }

    private void placeLine(Paragraph paragraph, int number, SetLine line, PagePart part) {
        int left = page.geometry.columnLeft(page.column);
        SetBox.BoxLine boxLine = new SetBox.BoxLine(paragraph, number, line, 0, page.geometry.columnWidth(), 0);
        page.text.add(boxLine.on(part, left, page.y, false));
        for (PlacedPicture picture : line.pictures()) {
            page.pictures.add(picture.movedBy(left, page.y));
        }
        page.advanceTo(page.y + line.height());
        for (Story call : line.calls()) {
            placeNote(call);
        }
    }

    // ---- tables

    private void placeTable(Table table, PagePart part) {
        if (above != null && !page.atTop()) {
            page.advanceTo(page.y + Millipoints.ofTwips(Gaps.after(above, null)));
        }
        above = null;
        int width = page.geometry.columnWidth();
        int left = BoxComposer.tableLeft(table, width);
        List<BoxComposer.SetRow> rows = boxes.composeRows(table, width, FieldValues.UNCOUNTED);
        List<BoxComposer.SetRow> heads = new ArrayList<>();
        for (BoxComposer.SetRow row : rows) {
            if (!row.row().repeats()) {
                break;
            }
            heads.add(row);
        }
        for (int i = 0; i < rows.size(); i++) {
            placeRow(rows.get(i), left, i < heads.size() ? List.of() : heads, part);
            limits.check(pages.size());
        }
    }

    private void placeRow(BoxComposer.SetRow row, int left, List<BoxComposer.SetRow> heads, PagePart part) {
        SetBox rest = row.box();
        while (true) {
            if (page.y + rest.height() <= page.bottom()) {
                placeRowBox(rest, left, part, false);
                return;
            }
            boolean tooHigh = rest.height() > page.fullHeight();
            if (!row.row().staysWhole() || tooHigh) {
                SplitBox split = SplitBox.at(rest, page.bottom() - page.y);
                if (split != null && !split.above().lines().isEmpty()) {
                    placeRowBox(split.above(), left, part, false);
                    rest = split.below();
                    newColumnOrPage();
                    repeatHeads(heads, left, part);
                    continue;
                }
            }
            if (isEmptyColumn()) {
                if (tooHigh) {
                    remarks.add("A table row on page " + page.number + " is higher than the page.");
                }
                placeRowBox(rest, left, part, false);
                return;
            }
            newColumnOrPage();
            repeatHeads(heads, left, part);
            if (page.y + rest.height() > page.bottom() && !page.atTop() && !heads.isEmpty()) {
                placeRowBox(rest, left, part, false);
                return;
            }
        }
    }

    private void repeatHeads(List<BoxComposer.SetRow> heads, int left, PagePart part) {
        for (BoxComposer.SetRow head : heads) {
            if (page.y + head.box().height() <= page.bottom()) {
                placeRowBox(head.box(), left, part, true);
            }
        }
    }

    private void placeRowBox(SetBox box, int left, PagePart part, boolean repeated) {
        int x = page.geometry.columnLeft(page.column) + left;
        for (SetBox.BoxLine line : box.lines()) {
            page.text.add(line.on(part, x, page.y, repeated));
        }
        for (PlacedPicture picture : box.pictures()) {
            page.pictures.add(picture.movedBy(x, page.y));
        }
        page.advanceTo(page.y + box.height());
        if (!repeated) {
            box.calls().forEach(this::placeNote);
        }
    }

    // ---- notes

    private int noteWidth() {
        return page.geometry.frame().width();
    }

    /** Puts a note at the foot of the page, as much of it as there is room for, and the rest on the next page. */
    private void placeNote(Story story) {
        for (SetBox.BoxLine line : notes.set(story, noteWidth()).lines()) {
            if (notesLeftOver.isEmpty()
                    && page.lowest + page.costOfNotes(line.line().height()) <= page.bottom()) {
                page.addNote(line);
            } else {
                notesLeftOver.add(line);
            }
        }
    }

    private void takeLeftOverNotes(OpenPage opened) {
        int most = opened.fullHeight() * 2 / 3;
        while (!notesLeftOver.isEmpty()) {
            SetBox.BoxLine line = notesLeftOver.peek();
            boolean room = opened.notesHeight + opened.costOfNotes(line.line().height()) <= most;
            if (!room && !opened.notes.isEmpty()) {
                return;
            }
            opened.addNote(notesLeftOver.remove());
        }
    }

    private void placeEndnotes() {
        for (Note note : paper.notes()) {
            if (note.story().kind() == Story.Kind.ENDNOTE) {
                placeBlocks(note.blocks(), PagePart.NOTE);
            }
        }
    }

    // ---- the proof

    private Proof finish() {
        Map<Integer, Integer> sectionPages = new HashMap<>();
        for (OpenPage each : pages) {
            sectionPages.merge(each.section.index(), 1, Integer::sum);
        }
        List<ProofPage> out = new ArrayList<>(pages.size());
        for (OpenPage each : pages) {
            String printed =
                    each.section.get(SectionProperties.PAGE_NUMBER_FORMAT).format(each.printed);
            MarginalSetter.Placed marginal = marginals.place(
                    each,
                    new FieldValues(
                            printed,
                            Integer.toString(pages.size()),
                            Integer.toString(sectionPages.getOrDefault(each.section.index(), 1))));
            List<ProofLine> all = new ArrayList<>(marginal.header());
            all.addAll(each.text);
            all.addAll(each.boxes);
            addNotes(each, all);
            all.addAll(marginal.footer());
            each.pictures.addAll(marginal.pictures());
            out.add(new ProofPage(
                    each.number,
                    printed,
                    each.section.index(),
                    each.variant,
                    each.geometry.width(),
                    each.geometry.height(),
                    each.geometry.frame(),
                    each.geometry.headerTop(),
                    all,
                    each.pictures));
        }
        return new Proof(out, reader.approximate(), List.copyOf(remarks));
    }

    private static void addNotes(OpenPage page, List<ProofLine> all) {
        int y = page.geometry.frame().bottom() - page.notesHeight + OpenPage.NOTE_SEPARATOR;
        for (SetBox.BoxLine line : page.notes) {
            SetBox.BoxLine atZero = line.movedBy(0, -line.top());
            all.add(atZero.on(PagePart.NOTE, page.geometry.frame().left(), y, false));
            y += line.line().height();
        }
    }
}
