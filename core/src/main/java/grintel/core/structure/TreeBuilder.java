package grintel.core.structure;

import grintel.core.paper.TextRange;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.function.Predicate;

/** Makes the tree of parts of what each paragraph was found to be. */
final class TreeBuilder {
    private final Manuscript manuscript;
    private final Parts parts;
    private final Zones zones;

    TreeBuilder(Manuscript manuscript, Parts parts, Zones zones) {
        this.manuscript = manuscript;
        this.parts = parts;
        this.zones = zones;
    }

    Part build() {
        List<Part> leaves = new ArrayList<>();
        for (int i = 0; i < manuscript.size(); i++) {
            addLeaves(i, leaves);
        }
        List<Part> top = new ArrayList<>();
        List<Part> tied = ObjectGroups.tie(leaves, manuscript);
        int at = 0;
        while (at < tied.size()) {
            int from = at;
            PartKind container = container(tied.get(at), tied, at);
            while (at < tied.size()
                    && container(tied.get(at), tied, at) == container
                    && belongs(tied.get(from), tied.get(at))) {
                at++;
            }
            List<Part> held = tied.subList(from, at);
            top.add(
                    container == PartKind.TABLE || container == PartKind.FIGURE
                            ? held.get(0)
                            : Part.of(container, 0, nested(held)));
        }
        int last = Math.max(0, manuscript.size() - 1);
        return new Part(PartKind.PAPER, 0, 0, last, null, top);
    }

    /** A paragraph as a part, and beside it the caption in a box of text tied to it. */
    private void addLeaves(int index, List<Part> leaves) {
        if (parts.kind(index) == PartKind.BLANK) {
            return;
        }
        Line line = manuscript.get(index);
        List<Part> boxed = BoxedCaption.of(index, line.paragraph());
        boolean object = parts.kind(index).isOfObject();
        if (object) {
            leaves.add(leaf(index));
        }
        leaves.addAll(boxed);
        if (!object && (boxed.isEmpty() || !line.text().isEmpty())) {
            leaves.add(leaf(index));
        }
    }

    private Part leaf(int index) {
        PartKind kind = parts.kind(index);
        return Part.leaf(kind, parts.headingLevel(index), index, spans(index));
    }

    private List<Part> spans(int index) {
        List<Part> out = new ArrayList<>();
        TextRange range = parts.runInHeading(index);
        if (range != null) {
            out.add(new Part(PartKind.RUN_IN_HEADING, parts.runInLevel(index), index, index, range, List.of()));
        }
        out.addAll(Spans.of(index, manuscript.get(index), parts.kind(index)));
        return out;
    }

    // ---- what holds what

    /** The part at the top of the paper in which one stands. */
    private PartKind container(Part part, List<Part> all, int at) {
        int index = part.first();
        if (index < parts.titlePageEnd()) {
            return isAuthorNote(part) ? PartKind.AUTHOR_NOTE : PartKind.TITLE_PAGE;
        }
        return switch (part.kind()) {
            case ABSTRACT_LABEL, ABSTRACT_TEXT, KEYWORDS -> PartKind.ABSTRACT;
            case TABLE, FIGURE ->
                zones.zone(index) == Zone.SOURCES && isAfterEntries(all, at) ? part.kind() : ofZone(index);
            default ->
                part.kind().isOfOpening() && part.kind() != PartKind.TITLE && isBeforeTitle(index)
                        ? PartKind.HEADING_LINES
                        : ofZone(index);
        };
    }

    private static boolean isAuthorNote(Part part) {
        return part.kind() == PartKind.AUTHOR_NOTE_LABEL || part.kind() == PartKind.AUTHOR_NOTE_TEXT;
    }

    private PartKind ofZone(int index) {
        return switch (zones.zone(index)) {
            case OPENING, BODY -> PartKind.BODY;
            case NOTES -> PartKind.NOTES_PAGE;
            case SOURCES -> PartKind.SOURCES;
            case APPENDIX -> PartKind.APPENDIX;
        };
    }

    private boolean isBeforeTitle(int index) {
        int title = parts.index(PartKind.TITLE, parts.titlePageEnd());
        return title < 0 || index < title;
    }

    /** Tables and figures may stand at the end of the paper, after the list of sources and no part of it. */
    private static boolean isAfterEntries(List<Part> all, int at) {
        return all.subList(at, all.size()).stream().noneMatch(part -> part.kind() == PartKind.ENTRY);
    }

    private boolean belongs(Part first, Part other) {
        boolean ofText = zones.zone(first.first()).isText() || zones.zone(first.first()) == Zone.OPENING;
        return ofText && zones.zone(other.first()) == Zone.BODY
                || zones.areTogether(first.first(), other.first())
                || zones.zone(other.first()) == Zone.OPENING;
    }

    // ---- sections and lists

    private static List<Part> nested(List<Part> flat) {
        Deque<Open> open = new ArrayDeque<>();
        open.push(new Open(0));
        for (Part part : listed(flat)) {
            if (part.kind() == PartKind.HEADING) {
                closeUntil(open, level -> level < part.level());
                open.push(new Open(part.level()));
            }
            top(open).parts.add(part);
        }
        closeUntil(open, level -> level == 0);
        return top(open).parts;
    }

    private static void closeUntil(Deque<Open> open, Predicate<Integer> reached) {
        while (!reached.test(top(open).level)) {
            Open closed = open.pop();
            top(open).parts.add(Part.of(PartKind.SECTION, closed.level, closed.parts));
        }
    }

    private static Open top(Deque<Open> open) {
        Open top = open.peek();
        if (top == null) {
            throw new IllegalStateException("The part that holds all sections is never closed");
        }
        return top;
    }

    private static List<Part> listed(List<Part> flat) {
        List<Part> out = new ArrayList<>();
        List<Part> items = new ArrayList<>();
        for (Part part : flat) {
            if (part.kind() == PartKind.LIST_ITEM) {
                items.add(part);
                continue;
            }
            if (!items.isEmpty()) {
                out.add(Part.of(PartKind.LIST, 0, items));
                items.clear();
            }
            out.add(part);
        }
        if (!items.isEmpty()) {
            out.add(Part.of(PartKind.LIST, 0, items));
        }
        return out;
    }

    private static final class Open {
        private final int level;
        private final List<Part> parts = new ArrayList<>();

        Open(int level) {
            this.level = level;
        }
    }
}
