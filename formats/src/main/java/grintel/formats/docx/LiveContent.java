package grintel.formats.docx;

import grintel.core.edit.EditRefusedException;
import grintel.core.edit.Piece;
import grintel.core.paper.Revision;
import grintel.formats.xml.XmlElement;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * The content of a paragraph's mark-up while it is edited. Characters are replaced inside their elements where they can
 * be; runs are parted only where formatting, or what is no character, asks for it.
 */
final class LiveContent {
    private static final Set<String> EMPTY = Set.of("tab", "ptab", "br", "cr", "noBreakHyphen", "softHyphen", "sym");

    private final XmlElement paragraph;
    private final List<LiveAtom> atoms = new ArrayList<>();

    LiveContent(XmlElement paragraph, List<Atom> read) {
        this.paragraph = paragraph;
        for (Atom atom : read) {
            atoms.add(new LiveAtom(
                    atom.kind(),
                    atom.mark(),
                    atom.main(),
                    atom.text(),
                    atom.length(),
                    atom.revision(),
                    atom.run() >= 0));
        }
    }

    int length() {
        return atoms.stream().mapToInt(each -> each.length).sum();
    }

    // ---- places

    /** Index of the first atom with extent at an offset, what stands before it cut off inside its element. */
    private int cut(int offset) {
        int at = 0;
        for (int i = 0; i < atoms.size(); i++) {
            LiveAtom atom = atoms.get(i);
            if (at == offset && atom.length > 0) {
                return i;
            }
            if (at + atom.length > offset) {
                partElement(i, offset - at);
                return i + 1;
            }
            at += atom.length;
        }
        if (offset > at) {
            throw new EditRefusedException("The paragraph has no character " + offset + ".");
        }
        return atoms.size();
    }

    private int[] cut(int from, int to) {
        cut(to);
        int first = cut(from);
        int end = first;
        for (int at = from; at < to; end++) {
            at += atoms.get(end).length;
        }
        return new int[] {first, end};
    }

    /** Parts the characters of one element into two elements of the same run. */
    private void partElement(int index, int at) {
        LiveAtom atom = atoms.get(index);
        if (!atom.isWritten()) {
            throw new EditRefusedException("What is no text cannot be parted.");
        }
        XmlElement element = atom.only();
        XmlElement rest = XmlElement.like(element, "t");
        element.holder().insertAfter(rest, element);
        LiveAtom second = new LiveAtom(
                atom.kind, List.of(rest), rest, atom.text.substring(at), atom.length - at, atom.revision, atom.inRun);
        RunWriter.setText(rest, second.text);
        atom.set(atom.text.substring(0, at));
        atoms.add(index + 1, second);
    }

    /** Makes a run end before an atom, where the atom before stands in the same one. */
    private void partRun(int index) {
        if (index <= 0 || index >= atoms.size()) {
            return;
        }
        XmlElement run = runOf(atoms.get(index).first());
        XmlElement before = runOf(atoms.get(index - 1).last());
        if (run == null || !XmlElement.isSame(run, before)) {
            return;
        }
        XmlElement rest = run.shell();
        XmlElement format = run.child("rPr");
        if (format != null) {
            rest.append(format.copy());
        }
        XmlElement start = childOf(run, atoms.get(index).first());
        boolean moving = false;
        for (XmlElement child : run.elements()) {
            moving |= XmlElement.isSame(child, start);
            if (moving) {
                child.remove();
                rest.append(child);
            }
        }
        run.holder().insertAfter(rest, run);
    }

    // ---- formatting

    /** Hands every run of some characters to a change, once; deleted ones are left alone. */
    void format(int from, int to, Consumer<XmlElement> change) {
        int[] range = cut(from, to);
        partRun(range[1]);
        partRun(range[0]);
        // Elements are equal only to themselves.
        Set<XmlElement> runs = new LinkedHashSet<>();
        for (LiveAtom atom : atoms.subList(range[0], range[1])) {
            if (atom.inRun && atom.revision != Revision.DELETED) {
                for (XmlElement element : atom.mark) {
                    if (element.is(Ns.W, "fldSimple")) {
                        runs.addAll(Structure.runs(element));
                    } else {
                        XmlElement run = runOf(element);
                        if (run != null) {
                            runs.add(run);
                        }
                    }
                }
            }
        }
        runs.forEach(change);
    }

    // ---- characters

    void replace(int from, int to, List<Piece> content) {
        requireReplaceable(from, to);
        if (from == to) {
            insert(from, formatAt(from, false), content);
            return;
        }
        boolean inside = first(from).isWritten() && content.stream().allMatch(Piece.Words.class::isInstance);
        if (inside) {
            remove(from, to, content);
        } else {
            int index = cut(from, to)[0];
            partRun(index);
            put(index, false, make(content, formatAt(from, true)));
            int made = content.stream()
                    .mapToInt(piece -> Piece.characters(List.of(piece)).length())
                    .sum();
            remove(from + made, to + made, List.of());
        }
    }

    /** The atom in which the character after an offset stands. */
    private LiveAtom first(int offset) {
        int at = 0;
        for (LiveAtom atom : atoms) {
            at += atom.length;
            if (at > offset) {
                return atom;
            }
        }
        throw new EditRefusedException("The paragraph has no character " + offset + ".");
    }

    /** Takes characters out of their elements; words may come in their place where the first of them is written. */
    private void remove(int from, int to, List<Piece> words) {
        String pending = Piece.characters(words);
        int at = 0;
        for (LiveAtom atom : List.copyOf(atoms)) {
            int first = Math.max(from, at) - at;
            int last = Math.min(to, at + atom.length) - at;
            at += atom.length;
            if (first >= last) {
                continue;
            }
            if (atom.isWritten()) {
                atom.set(atom.text.substring(0, first) + pending + atom.text.substring(last));
                pending = "";
            } else {
                atom.length = 0;
            }
            if (atom.length == 0) {
                take(indexOf(atom));
            }
        }
    }

    private void requireReplaceable(int from, int to) {
        int at = 0;
        for (LiveAtom atom : atoms) {
            boolean touched = at < to && from < at + atom.length;
            if (touched && (!atom.inRun || !atom.isReplaceable())) {
                throw new EditRefusedException("A picture, a note or a formula stands among the words to be replaced.");
            }
            at += atom.length;
        }
    }

    @SuppressWarnings("ReferenceEquality") // atoms are things, not values
    private int indexOf(LiveAtom atom) {
        for (int i = 0; i < atoms.size(); i++) {
            if (atoms.get(i) == atom) {
                return i;
            }
        }
        throw new IllegalStateException("An atom has left its paragraph");
    }

    /** Takes an atom out, and a run with it that then holds nothing. */
    private void take(int index) {
        LiveAtom atom = atoms.remove(index);
        for (XmlElement element : atom.mark) {
            XmlElement run = runOf(element);
            if (EMPTY.contains(element.name())) {
                Unread.takeAway(element);
            } else {
                element.remove();
            }
            if (run != null && run.elements().stream().allMatch(child -> child.is(Ns.W, "rPr"))) {
                run.remove();
            }
        }
    }

    /** The formatting what comes in takes: that of the first character that goes, else of the one before. */
    @Nullable
    XmlElement formatAt(int offset, boolean replaces) {
        int at = 0;
        LiveAtom before = null;
        LiveAtom after = null;
        for (LiveAtom atom : atoms) {
            boolean counts = atom.length > 0 && atom.inRun && atom.revision != Revision.DELETED;
            if (counts && at + atom.length <= offset) {
                before = atom;
            } else if (counts && at < offset) {
                before = replaces ? before : atom;
                after = after == null ? atom : after;
            } else if (counts && after == null) {
                after = atom;
            }
            at += atom.length;
        }
        LiveAtom source = replaces ? after : before != null ? before : after;
        if (source == null) {
            XmlElement properties = paragraph.child("pPr");
            XmlElement mark = properties == null ? null : properties.child("rPr");
            if (mark == null) {
                return null;
            }
            XmlElement copy = mark.copy();
            for (String tracked : List.of("ins", "del", "moveFrom", "moveTo", "rPrChange")) {
                copy.children(tracked).forEach(XmlElement::remove);
            }
            return copy;
        }
        XmlElement run = runOf(source.main);
        XmlElement format = run == null ? null : run.child("rPr");
        return format == null ? null : format.copy();
    }

    /** Brings in what comes at an offset; words that follow written ones go into their element. */
    private void insert(int offset, @Nullable XmlElement format, List<Piece> content) {
        int index = place(offset);
        List<Piece> rest = content;
        if (offset > 0) {
            LiveAtom before = atoms.get(index - 1);
            while (before.isWritten() && before.inRun && !rest.isEmpty() && rest.get(0) instanceof Piece.Words words) {
                before.set(before.text + words.text());
                rest = rest.subList(1, rest.size());
            }
        }
        if (!rest.isEmpty()) {
            partRun(index);
            put(index, offset > 0, make(rest, format));
        }
    }

    /** Index of the atom before which what comes in at an offset goes: right after the character before, if any. */
    private int place(int offset) {
        cut(offset);
        int at = 0;
        for (int i = 0; i < atoms.size(); i++) {
            int length = atoms.get(i).length;
            at += length;
            if (length > 0 && at >= offset) {
                return offset == 0 ? i : i + 1;
            }
        }
        return atoms.size();
    }

    private List<LiveAtom> make(List<Piece> content, @Nullable XmlElement format) {
        List<LiveAtom> out = new ArrayList<>();
        for (Piece piece : content) {
            List<XmlElement> made = RunWriter.of(paragraph, piece, format);
            out.add(
                    piece instanceof Piece.Words words
                            ? LiveAtom.written(lastChild(made.get(0)), words.text())
                            : LiveAtom.made(piece, made));
        }
        return out;
    }

    private static XmlElement lastChild(XmlElement run) {
        List<XmlElement> children = run.elements();
        return children.get(children.size() - 1);
    }

    /**
     * Puts new atoms before one that is there.
     *
     * @param after whether they belong to what stands before them
     */
    private void put(int index, boolean after, List<LiveAtom> made) {
        place(index, after, levels(made));
        atoms.addAll(index, made);
    }

    private void place(int index, boolean after, List<XmlElement> elements) {
        if (index > 0 && (after || index == atoms.size())) {
            XmlElement before = levelOf(atoms.get(index - 1).last());
            for (XmlElement element : elements) {
                before.holder().insertAfter(element, before);
                before = element;
            }
        } else if (index < atoms.size()) {
            XmlElement next = levelOf(atoms.get(index).first());
            elements.forEach(element -> next.holder().insertBefore(element, next));
        } else {
            elements.forEach(paragraph::append);
        }
    }

    /** Moves characters; a bookmark or a comment goes along where all of it stands among them. */
    void move(int from, int to, int target) {
        int[] range = cut(from, to);
        partRun(range[1]);
        partRun(range[0]);
        List<LiveAtom> taken = List.copyOf(atoms.subList(range[0], range[1]));
        List<LiveAtom> moved = taken.stream()
                .filter(atom -> atom.kind != Atom.Kind.EDGE || isWithin(atom, taken))
                .toList();
        if (moved.size() == atoms.size()) {
            return;
        }
        List<XmlElement> elements = levels(moved);
        XmlElement home = elements.get(0).holder();
        if (elements.stream().anyMatch(element -> !XmlElement.isSame(element.holder(), home))) {
            throw new EditRefusedException("Characters of a link cannot be moved.");
        }
        moved.forEach(atom -> atoms.remove(indexOf(atom)));
        int index = cut(target > from ? target - (to - from) : target);
        partRun(index);
        XmlElement neighbour = levelOf(
                index > 0 ? atoms.get(index - 1).last() : atoms.get(index).first());
        if (!XmlElement.isSame(neighbour.holder(), home)) {
            throw new EditRefusedException("Characters cannot be moved into a link.");
        }
        elements.forEach(XmlElement::remove);
        place(index, true, elements);
        atoms.addAll(index, moved);
    }

    private static boolean isWithin(LiveAtom edge, List<LiveAtom> taken) {
        String about = edge.only().name().startsWith("bookmark") ? "bookmark" : "comment";
        List<String> ends = new ArrayList<>();
        for (LiveAtom atom : taken) {
            boolean same = atom.kind == Atom.Kind.EDGE
                    && Objects.equals(atom.only().attribute("id"), edge.only().attribute("id"));
            if (same && atom.only().name().startsWith(about)) {
                ends.add(atom.only().name());
            }
        }
        return ends.stream().anyMatch(name -> name.endsWith("Start"))
                && ends.stream().anyMatch(name -> name.endsWith("End"));
    }

    private static List<XmlElement> levels(List<LiveAtom> atoms) {
        Set<XmlElement> out = new LinkedHashSet<>();
        for (LiveAtom atom : atoms) {
            atom.mark.forEach(element -> out.add(levelOf(element)));
        }
        return List.copyOf(out);
    }

    // ---- objects

    /** Puts one new run at an offset. */
    void insertRun(int offset, XmlElement run) {
        int index = place(offset);
        partRun(index);
        put(index, offset > 0, List.of(new LiveAtom(Atom.Kind.OBJECT, List.of(run), run, "", 1, Revision.NONE, true)));
    }

    /** The drawing at an offset, and which of its parts is meant. */
    Found objectAt(int offset) {
        int at = 0;
        for (LiveAtom atom : atoms) {
            if (offset < at + atom.length) {
                if (atom.kind != Atom.Kind.OBJECT) {
                    break;
                }
                return new Found(atom.only(), offset - at);
            }
            at += atom.length;
        }
        throw new EditRefusedException("There is no picture at this place.");
    }

    record Found(XmlElement drawing, int part) {}

    // ---- the paragraph as a whole

    /** The element directly below a paragraph's content at which a second paragraph would begin; null at the end. */
    @Nullable
    XmlElement start(int offset) {
        int index = cut(offset);
        partRun(index);
        return index < atoms.size() ? levelOf(atoms.get(index).first()) : null;
    }

    // ---- helpers

    /** The run an element stands in, or null where it stands between runs. */
    private static @Nullable XmlElement runOf(XmlElement element) {
        for (XmlElement at = element; at != null; at = at.parent()) {
            if (at.is(Ns.W, "r")) {
                return at;
            }
            if (at.is(Ns.W, "p") || at.is(Ns.W, "fldSimple")) {
                return null;
            }
        }
        return null;
    }

    /** The run an element stands in, or itself between runs; what was deleted with all that marks it so. */
    private static XmlElement levelOf(XmlElement element) {
        XmlElement run = runOf(element);
        XmlElement level = run == null ? element : run;
        XmlElement outer = level.parent();
        return outer != null && (outer.is(Ns.W, "del") || outer.is(Ns.W, "moveFrom")) ? outer : level;
    }

    /** The child of a run in which an element stands. */
    private static XmlElement childOf(XmlElement run, XmlElement element) {
        XmlElement at = element;
        while (at.parent() != null && !XmlElement.isSame(at.parent(), run)) {
            at = at.holder();
        }
        return at;
    }
}
