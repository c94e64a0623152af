package grintel.formats.docx;

import grintel.core.edit.Piece;
import grintel.core.paper.Revision;
import grintel.formats.xml.XmlElement;
import java.util.List;

/** An atom whose text and length change with the edits. */
final class LiveAtom {
    final Atom.Kind kind;
    final List<XmlElement> mark;
    final XmlElement main;
    final Revision revision;
    final boolean inRun;
    String text;
    int length;

    LiveAtom(
            Atom.Kind kind,
            List<XmlElement> mark,
            XmlElement main,
            String text,
            int length,
            Revision revision,
            boolean inRun) {
        this.kind = kind;
        this.mark = mark;
        this.main = main;
        this.text = text;
        this.length = length;
        this.revision = revision;
        this.inRun = inRun;
    }

    static LiveAtom written(XmlElement element, String text) {
        return new LiveAtom(Atom.Kind.TEXT, List.of(element), element, text, text.length(), Revision.NONE, true);
    }

    static LiveAtom made(Piece piece, List<XmlElement> runs) {
        String text = Piece.characters(List.of(piece));
        Atom.Kind kind = piece instanceof Piece.Value
                ? Atom.Kind.FIELD
                : piece instanceof Piece.Tab ? Atom.Kind.TAB : Atom.Kind.OBJECT;
        return new LiveAtom(kind, runs, runs.get(0), text, text.length(), Revision.NONE, true);
    }

    /** Sets the characters of an element of text. */
    void set(String characters) {
        text = characters;
        length = characters.length();
        RunWriter.setText(mark.get(0), characters);
    }

    XmlElement only() {
        return mark.get(0);
    }

    XmlElement first() {
        return mark.get(0);
    }

    XmlElement last() {
        return mark.get(mark.size() - 1);
    }

    boolean isWritten() {
        return kind == Atom.Kind.TEXT && only().is(Ns.W, "t");
    }

    boolean isReplaceable() {
        return switch (kind) {
            case TEXT, TAB, BREAK, FIELD, DELETED, EDGE -> true;
            case OBJECT, FORMULA -> false;
        };
    }
}
