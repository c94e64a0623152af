package grintel.core.edit;

import grintel.core.paper.Inline;
import grintel.core.paper.Paragraph;
import grintel.core.paper.ParagraphProperties;
import grintel.core.paper.ParagraphSource;
import grintel.core.paper.PropertySet;
import grintel.core.paper.Revision;
import grintel.core.paper.Run;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;

/** A paragraph while it is edited. Its inlines are cut where edits begin and end, so that each edit takes whole ones. */
final class OpenParagraph implements OpenBlock {
    private List<Inline> inlines;

    @Nullable
    String style;

    PropertySet direct;
    PropertySet mark;
    boolean endsSection;
    Revision markRevision;

    OpenParagraph(ParagraphSource source, List<Inline> inlines) {
        this.style = source.style();
        this.direct = source.direct();
        this.mark = source.mark();
        this.endsSection = source.endsSection();
        this.markRevision = source.markRevision();
        this.inlines = new ArrayList<>(inlines);
    }

    static OpenParagraph of(Paragraph paragraph) {
        return new OpenParagraph(ParagraphSource.of(paragraph), paragraph.inlines());
    }

    ParagraphSource source() {
        return new ParagraphSource(style, direct, mark, endsSection, markRevision);
    }

    List<Inline> inlines() {
        return inlines;
    }

    int length() {
        return inlines.stream().mapToInt(Inline::length).sum();
    }

    // ---- places

    /**
     * Cuts the characters before an offset from those after it.
     *
     * @return index of the first inline with extent at or after the offset; what has none stays with what stands before
     */
    private int cut(int offset) {
        int at = 0;
        for (int i = 0; i < inlines.size(); i++) {
            Inline inline = inlines.get(i);
            if (at == offset && inline.length() > 0) {
                return i;
            }
            if (at + inline.length() > offset) {
                if (!(inline instanceof Inline.Text text)) {
                    throw new IllegalStateException("Only characters can be cut");
                }
                inlines.set(i, new Inline.Text(text.text().substring(0, offset - at), text.run()));
                inlines.add(i + 1, new Inline.Text(text.text().substring(offset - at), text.run()));
                return i + 1;
            }
            at += inline.length();
        }
        if (offset > at) {
            throw new EditRefusedException("The paragraph has no character " + offset + ".");
        }
        return inlines.size();
    }

    /** Indexes of the inlines of a range, those without extent between them included. */
    private int[] cut(int from, int to) {
        cut(to);
        int first = cut(from);
        int end = first;
        for (int at = from; at < to; end++) {
            at += inlines.get(end).length();
        }
        return new int[] {first, end};
    }

    // ---- formatting of characters

    void format(int from, int to, UnaryOperator<Run> change) {
        int[] range = cut(from, to);
        for (int i = range[0]; i < range[1]; i++) {
            Inline inline = inlines.get(i);
            // What a tracked change deleted comes back as it was, should the change be rejected.
            if (inline.run().number() >= 0 && inline.run().revision() != Revision.DELETED) {
                inlines.set(i, inline.in(change.apply(inline.run())));
            }
        }
    }

    // ---- characters

    void replace(int from, int to, List<Piece> content) {
        int[] range = cut(from, to);
        List<Inline> kept = new ArrayList<>();
        for (int i = range[0]; i < range[1]; i++) {
            Inline inline = inlines.get(i);
            if (inline.length() == 0) {
                kept.add(inline);
            } else if (!isReplaceable(inline)) {
                throw new EditRefusedException("A picture, a note or a formula stands among the words to be replaced.");
            }
        }
        boolean replaces = from < to;
        int index = replaces ? range[0] : place(from);
        Run run = replaces ? inlines.get(index).run() : among(index, from > 0, runFor(index));
        List<Inline> fresh = new ArrayList<>();
        for (Piece piece : content) {
            fresh.add(inline(piece, run));
        }
        if (replaces) {
            inlines.subList(range[0], range[1]).clear();
            inlines.addAll(index, kept);
        }
        inlines.addAll(index, fresh);
    }

    /** Index of the inline before which what comes in at an offset goes: right after the character before, if any. */
    private int place(int offset) {
        cut(offset);
        int at = 0;
        for (int i = 0; i < inlines.size(); i++) {
            int length = inlines.get(i).length();
            at += length;
            if (length > 0 && at >= offset) {
                return offset == 0 ? i : i + 1;
            }
        }
        return inlines.size();
    }

    /** A run that comes in beside another belongs to its link, and to the change that brought that one in. */
    private Run among(int index, boolean after, Run run) {
        if (inlines.isEmpty()) {
            return run;
        }
        boolean before = index > 0 && (after || index == inlines.size());
        Run beside = inlines.get(before ? index - 1 : index).run();
        Revision revision = beside.revision() == Revision.DELETED ? Revision.NONE : beside.revision();
        return new Run(run.number(), run.style(), run.direct(), run.format(), beside.link(), revision);
    }

    private static boolean isReplaceable(Inline inline) {
        boolean characters = inline instanceof Inline.Text
                || inline instanceof Inline.Tab
                || inline instanceof Inline.Break
                || inline instanceof Inline.Field;
        return characters && inline.run().number() >= 0;
    }

    /** The run whose formatting what comes in takes: that of the character before, else of the one after. */
    private Run runFor(int index) {
        for (int i = index - 1; i >= 0; i--) {
            Inline inline = inlines.get(i);
            if (inline.length() > 0
                    && inline.run().number() >= 0
                    && inline.run().revision() != Revision.DELETED) {
                return inline.run();
            }
        }
        for (int i = index; i < inlines.size(); i++) {
            Inline inline = inlines.get(i);
            if (inline.length() > 0 && inline.run().number() >= 0) {
                return inline.run();
            }
        }
        return OpenPaper.plainRun(mark);
    }

    static Inline inline(Piece piece, Run run) {
        if (piece instanceof Piece.Words words) {
            return new Inline.Text(words.text(), run);
        }
        if (piece instanceof Piece.Reference reference) {
            Run linked = new Run(
                    run.number(), run.style(), run.direct(), run.format(), "#" + reference.bookmark(), run.revision());
            return new Inline.Text(reference.shown(), linked);
        }
        if (piece instanceof Piece.Break at) {
            return new Inline.Break(at.kind(), run);
        }
        if (piece instanceof Piece.Picture picture) {
            return new Inline.Picture(
                    Inline.Picture.Kind.IMAGE,
                    picture.width(),
                    picture.height(),
                    null,
                    picture.alternative(),
                    picture.image().part(),
                    picture.image().pixels(),
                    run);
        }
        return piece instanceof Piece.Value value
                ? new Inline.Field(value.kind(), "1", run)
                : new Inline.Tab(run, null);
    }

    /** Moves characters; a bookmark or a comment goes along where all of it stands among them. */
    void move(int from, int to, int target) {
        int[] range = cut(from, to);
        List<Inline> taken = List.copyOf(inlines.subList(range[0], range[1]));
        List<Inline> moved = new ArrayList<>();
        List<Inline> stays = new ArrayList<>();
        for (Inline inline : taken) {
            boolean goes = !(inline instanceof Inline.Edge edge) || isWithin(edge, taken);
            (goes ? moved : stays).add(inline);
        }
        inlines.subList(range[0], range[1]).clear();
        inlines.addAll(range[0], stays);
        int at = cut(target > from ? target - (to - from) : target);
        inlines.addAll(at, moved);
    }

    private static boolean isWithin(Inline.Edge edge, List<Inline> taken) {
        boolean starts = false;
        boolean ends = false;
        for (Inline inline : taken) {
            if (inline instanceof Inline.Edge other
                    && other.kind().isOfComment() == edge.kind().isOfComment()
                    && other.name().equals(edge.name())) {
                starts |= other.kind() == Inline.Edge.Kind.BOOKMARK_START
                        || other.kind() == Inline.Edge.Kind.COMMENT_START;
                ends |= other.kind() == Inline.Edge.Kind.BOOKMARK_END || other.kind() == Inline.Edge.Kind.COMMENT_END;
            }
        }
        return starts && ends;
    }

    void insert(int at, Inline inline) {
        int index = place(at);
        inlines.add(index, inline.in(among(index, at > 0, inline.run())));
    }

    /** The inline at an offset. */
    Inline at(int offset) {
        int index = cut(offset);
        if (index >= inlines.size()) {
            throw new EditRefusedException("The paragraph has no character " + offset + ".");
        }
        return inlines.get(index);
    }

    void set(int offset, Inline inline) {
        inlines.set(cut(offset), inline);
    }

    // ---- paragraphs

    /** Parts the paragraph before a character and gives the new one, which looks the same and ends the section if it did. */
    OpenParagraph split(int at, PropertySet otherwise) {
        int index = cut(at);
        PropertySet own = otherwise.over(direct.with(ParagraphProperties.PAGE_BREAK_BEFORE, null));
        ParagraphSource source = new ParagraphSource(style, own, mark, endsSection, markRevision);
        OpenParagraph rest = new OpenParagraph(source, inlines.subList(index, inlines.size()));
        inlines = new ArrayList<>(inlines.subList(0, index));
        endsSection = false;
        markRevision = Revision.NONE;
        return rest;
    }

    /** Takes on the content of the next paragraph. */
    void join(OpenParagraph next, String between) {
        if (endsSection) {
            throw new EditRefusedException("A paragraph that ends a section cannot be joined with the next.");
        }
        if (!between.isEmpty()) {
            Run run = runFor(inlines.size());
            Run plain = new Run(run.number(), run.style(), run.direct(), run.format(), "", Revision.NONE);
            inlines.add(new Inline.Text(between, plain));
        }
        inlines.addAll(next.inlines);
        endsSection = next.endsSection;
        markRevision = next.markRevision;
    }

    /** Makes tracked changes final as they are read. */
    void settle() {
        inlines.removeIf(inline -> !(inline instanceof Inline.Edge)
                && (inline instanceof Inline.Deleted || inline.run().revision() == Revision.DELETED));
        inlines.replaceAll(inline -> {
            Run run = inline.run();
            return inline.in(new Run(run.number(), run.style(), run.direct(), run.format(), run.link(), Revision.NONE));
        });
        markRevision = Revision.NONE;
    }

    /** The ends of bookmarks and comments in it. */
    List<Inline> edges() {
        return inlines.stream().filter(Inline.Edge.class::isInstance).toList();
    }

    void prepend(List<Inline> edges) {
        inlines.addAll(0, edges);
    }

    void append(List<Inline> edges) {
        inlines.addAll(edges);
    }

    /** Whether what stands in it must not be lost with it. */
    boolean holdsObjects() {
        return endsSection
                || inlines.stream()
                        .anyMatch(inline ->
                                inline instanceof Inline.Deleted || inline.length() > 0 && !isReplaceable(inline));
    }
}
