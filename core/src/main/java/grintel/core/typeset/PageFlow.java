package grintel.core.typeset;

import grintel.core.limit.WorkLimits;
import grintel.core.paper.Marginals;
import grintel.core.paper.Paper;
import grintel.core.paper.Section;
import grintel.core.paper.SectionProperties;
import grintel.core.paper.Story;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

/** The pages made so far and the one that is being filled: opens sections, pages and columns, and keeps the notes. */
final class PageFlow {
    private final Paper paper;
    private final MarginalSetter marginals;
    private final NoteSetter notes;
    private final FloatPlacer floats;
    private final WorkLimits limits;
    private final List<OpenPage> pages = new ArrayList<>();
    private final Deque<SetBox.BoxLine> notesLeftOver = new ArrayDeque<>();
    private Section section;
    private OpenPage page;

    PageFlow(Paper paper, MarginalSetter marginals, NoteSetter notes, FloatPlacer floats, WorkLimits limits) {
        this.paper = paper;
        this.marginals = marginals;
        this.notes = notes;
        this.floats = floats;
        this.limits = limits;
        this.section = paper.sections().get(0);
        this.page = open(true, true);
    }

    OpenPage page() {
        return page;
    }

    List<OpenPage> pages() {
        return pages;
    }

    void checkLimits() {
        limits.check(pages.size());
    }

    /**
     * Goes on with the next section (ISO 29500-1 §17.18.77).
     *
     * @return whether it starts a page of its own
     */
    boolean start(Section next) {
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
            return false;
        }
        page = open(true, true);
        boolean even = page.printed % 2 == 0;
        if (kind == SectionProperties.Break.EVEN_PAGE && !even || kind == SectionProperties.Break.ODD_PAGE && even) {
            page = open(true, false);
        }
        return true;
    }

    /** The next page of the section, or its first. */
    private OpenPage open(boolean byBreak, boolean firstOfSection) {
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
        checkLimits();
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

    void newPage(boolean byBreak) {
        page = open(byBreak, false);
    }

    void newColumnOrPage(boolean byBreak) {
        if (page.nextColumn()) {
            page.reachedByBreak = byBreak;
        } else {
            newPage(byBreak);
        }
    }

    /** Puts a box that no page breaks on the page, and its notes at the foot. */
    void placeBox(SetBox box, PagePart part, int x, boolean repeated) {
        for (SetBox.BoxLine line : box.lines()) {
            line.on(part, x, page.y, repeated, page.text);
        }
        for (PlacedPicture picture : box.pictures()) {
            page.pictures.add(picture.movedBy(x, page.y));
        }
        for (Fill fill : box.fills()) {
            page.fills.add(fill.movedBy(x, page.y));
        }
        for (SetBox.BoxFloat floating : box.floats()) {
            floats.place(floating.movedBy(x, page.y), page, part, FieldValues.UNCOUNTED);
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

    /** How far up the notes these lines call would push the foot of the text, were they to stand whole. */
    int costOfNotes(List<Story> calls) {
        return page.costOfNotes(notes.height(calls, noteWidth()));
    }

    /** The same for the first line of each note, the least that must stand on the page that calls it. */
    int costOfFirstNoteLines(List<Story> calls) {
        return page.costOfNotes(notes.heightOfFirstLines(calls, noteWidth()));
    }

    /** Puts a note at the foot of the page, as much of it as there is room for, and the rest on the next page. */
    void placeNote(Story story) {
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

    /** Opens pages until every line of the notes stands on one. */
    void placeLeftOverNotes() {
        while (!notesLeftOver.isEmpty()) {
            newPage(false);
        }
    }
}
